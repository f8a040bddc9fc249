import { randomUUID } from 'node:crypto';

/** What nobody should send, and somebody will. */
export const HOSTILE: readonly unknown[] = [
  null, true, false, 0, -1, 1.5, 1e12, -1e12, 1e308, 2_147_483_648, '', ' ', 'x', '\u0000', 'a\u0000b', '\ud800', '\udc00x',
  '😀'.repeat(100), '<script>', '{}', '[]', 'x'.repeat(5000), '\u202e', '\n\n', '0x10', '1e999', 'NaN', '2099-01-01', '-0', "'; --",
  [], [[]], [null], [{}], [[[]]], ['x'], [1], [true], ['\u0000'], ['\ud800'], [{ '\u0000': 1 }], [['x']],
  {}, { a: 1 }, { length: 1e9 }, { constructor: 1 }, { toString: 1 }, { lines: [] }, { name: {} }, Array(120).fill('1 kg plums'),
]; // prettier-ignore

type Schema = {
  readonly $ref?: string;
  readonly type?: string;
  readonly allOf?: readonly Schema[];
  readonly items?: Schema;
  readonly properties?: { readonly [name: string]: Schema };
};
export type Document = {
  readonly paths: {
    readonly [path: string]: {
      readonly [method: string]: {
        readonly responses: { readonly [status: string]: unknown };
        readonly requestBody?: {
          readonly content: { readonly 'application/json'?: { readonly schema: Schema } };
        };
      };
    };
  };
  readonly components: { readonly schemas: { readonly [name: string]: Schema } };
};

/** Sound values of the fields that bodies need; each body takes those that it has fields for. */
const SOUND = {
  name: 'Plum',
  lines: ['1 kg plums', '800 g sugar'],
  units: 'us',
  temperature: 'F',
  altitudeUnit: 'ft',
  school: 'ten-minute',
  ingredient: 'plum',
  version: 1,
  changes: { altitudeM: 12 },
  speed: 5,
  draws: 50,
};

/** A sound part for each field that has parts, so that one wrong value in it is the only one. */
const PARTS: { readonly [field: string]: object } = {
  pots: { name: 'wide', diameterCm: 30, heightCm: 14 },
  burners: { name: 'ring', heat: 'outdoor-ring' },
  jars: { name: 'pint', volumeMl: 473 },
  packs: { ingredient: 'powdered-pectin', packG: 57, pectinG: 20 },
  stock: { ingredient: 'sugar', massG: 2000 },
  prices: { ingredient: 'sugar', minorPerKg: 120 },
  cannerWatched: { factor: 1.2, watched: 3 },
  names: { name: 'Old Codlin', ingredient: 'apple' },
  practice: {
    name: 'Plum',
    lines: ['1 kg plums', '800 g sugar'],
    fault: 'none',
    seed: 7,
    speed: 60,
  },
  before: { kind: 'extract', lines: ['3 lb apples'] },
  entries: { source: 'probe', seq: 1, at: Date.now(), kind: 'temperature', value: 90 },
};

/**
 * Every field of every body in the document, and the fields of their parts, each as a way to put a
 * value there.
 */
export function placesIn({ paths, components }: Document) {
  const known = (schema: Schema | undefined): Schema =>
    schema?.$ref === undefined
      ? (schema ?? {})
      : (components.schemas[schema.$ref.split('/').at(-1) ?? ''] ?? {});
  return Object.entries(paths).flatMap(([path, methods]) =>
    Object.entries(methods).flatMap(([method, { requestBody, responses }]) => {
      const schema = requestBody?.content['application/json']?.schema;
      if (schema === undefined) return [];
      const fields = Object.entries(known(schema).properties ?? {});
      // What a body has no field for would be refused before anything else is looked at.
      const sound = () =>
        Object.fromEntries(
          Object.entries({ ...SOUND, id: randomUUID() }).filter(
            ([key]) =>
              fields.some(([field]) => field === key) &&
              // A whole kitchen counts for whatever is there, where it names no version.
              !(key === 'version' && path.endsWith('/kitchen') && method === 'put'),
          ),
        );
      const send = (name: string, put: (value: unknown) => unknown) => ({
        path,
        method,
        name,
        put,
        told: new Set(Object.keys(responses)),
      });
      return [
        send('the whole', (value) => value),
        ...fields.flatMap(([field, of]) => {
          const isList = of.type === 'array';
          const part = known(of.allOf?.[0] ?? (isList ? of.items : of));
          return [
            send(field, (value) => ({ ...sound(), [field]: value })),
            ...Object.keys(part.properties ?? {}).map((inner) =>
              send(`${field}.${inner}`, (value) => ({
                ...sound(),
                [field]: isList
                  ? [{ ...PARTS[field], [inner]: value }]
                  : { ...PARTS[field], [inner]: value },
              })),
            ),
          ];
        }),
      ];
    }),
  );
}
