import { BOOK_FORMAT, BOOK_FORMAT_VERSION, BookFileDto } from '@idle-kettle/contract/bookFile';
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';

type Schema = { readonly [key: string]: unknown };

const REF = '#/$defs/';

/** One line of a log, which is looked through by hand. */
const ENTRY: Schema = {
  type: 'object',
  required: ['source', 'seq', 'at', 'saidAt', 'kind', 'value', 'text', 'by'],
  properties: {
    source: { type: 'string', description: 'Who wrote it; with seq it names the line for ever.' },
    seq: { type: 'integer', minimum: 1 },
    at: { type: 'integer', description: 'ms since 1970' },
    saidAt: { type: ['integer', 'null'], description: 'What a clock that was wrong said, ms.' },
    kind: { type: 'string', examples: ['temperature', 'weight', 'lit', 'added', 'off-heat'] },
    value: { type: ['number', 'null'], description: '°C or g, as the kind asks.' },
    text: { type: ['string', 'null'] },
    by: {
      type: ['object', 'null'],
      properties: {
        kind: { enum: ['member', 'device', 'machine'] },
        id: { type: ['string', 'null'], format: 'uuid' },
      },
    },
  },
};

/**
 * A schema as it was read from the rules, which say neither that what may be left out may be null
 * too nor what a list or an object of any kind is.
 */
function mended(schema: Schema, known: ReadonlySet<string>): Schema {
  const { $ref, properties, required = [], ...rest } = schema;
  const isKnown = typeof $ref === 'string' && known.has($ref.slice(REF.length));
  const needed = required as readonly string[];
  return {
    ...Object.fromEntries(
      Object.entries(rest).map(([key, value]) => [
        key,
        typeof value === 'object' && value !== null && !Array.isArray(value)
          ? mended(value as Schema, known)
          : value,
      ]),
    ),
    ...(isKnown ? { $ref } : {}),
    ...(needed.length === 0 ? {} : { required: needed }),
    ...(properties === undefined
      ? {}
      : {
          properties: Object.fromEntries(
            Object.entries(properties as Schema).map(([name, of]) => {
              const whole = mended(of as Schema, known);
              return [name, needed.includes(name) ? whole : { anyOf: [whole, { type: 'null' }] }];
            }),
          ),
        }),
  };
}

/** What a Book as a file is, as JSON Schema, read from the rules that it is held to. */
export function bookSchema(): Schema {
  const all = validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage,
    refPointerPrefix: REF,
  }) as { readonly [name: string]: Schema };
  const defs: Record<string, Schema> = {};
  const take = (name: string): void => {
    const schema = all[name];
    if (schema === undefined || name in defs) return;
    defs[name] = mended(schema, new Set(Object.keys(all)));
    for (const [, other] of JSON.stringify(schema).matchAll(/"#\/\$defs\/(\w+)"/g))
      take(other ?? '');
  };
  take(BookFileDto.name);
  const cook = defs['KeptCookDto'];
  if (cook !== undefined)
    defs['KeptCookDto'] = {
      ...cook,
      properties: {
        ...(cook['properties'] as Schema),
        log: { type: 'array', items: { $ref: `${REF}KeptEntry` } },
      },
    };
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: `A Book of Idle Kettle: ${BOOK_FORMAT}, version ${BOOK_FORMAT_VERSION}`,
    $ref: `${REF}${BookFileDto.name}`,
    $defs: { ...defs, KeptEntry: ENTRY },
  };
}
