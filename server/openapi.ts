import type { INestApplication } from '@nestjs/common';
import { ApiBody, DocumentBuilder, SwaggerModule, type OpenAPIObject } from '@nestjs/swagger';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';
import { MOST_BODY } from './problem/problem.filter.ts';
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js';

/** Documents a body by the contract class that validates it. */
export const bodyOf = (dto: { readonly name: string }): MethodDecorator =>
  ApiBody({ schema: { $ref: `#/components/schemas/${dto.name}` } });

type Schemas = NonNullable<NonNullable<OpenAPIObject['components']>['schemas']>;
type Schema = Schemas[string];

/** A line may be bare text, which the validation rules cannot say by themselves. */
const LINES: Schema = {
  type: 'array',
  items: {
    oneOf: [
      { type: 'string', example: '7 cups crushed damsons' },
      { $ref: '#/components/schemas/WeighedLineDto' },
    ],
  },
};

/** What each refusal says. */
const SAID: { readonly [status: string]: string } = {
  400: 'Something in the request is not right: each fault with its field. Nothing was stored.',
  401: 'Nobody is signed in, or a write came without the token of its session.',
  403: 'Asked under a foreign name, by a page of another site, or by somebody who may not.',
  404: 'There is no such thing, or it was deleted.',
  409: 'Someone else changed it first, or the name is taken. Nothing was stored.',
  413: `The request is larger than ${MOST_BODY}. Nothing was stored.`,
  429: 'Too many requests; ask again shortly.',
  503: 'The database does not answer. Nothing was stored; ask again shortly.',
  507: 'The disk that the database is on is full. Nothing was stored.',
};

/** Calls that may meet what somebody else did meanwhile. */
const MAY_COLLIDE: ReadonlySet<string> = new Set([
  'put /api/kitchen',
  'patch /api/kitchen',
  'put /api/batches/{id}',
  'post /api/recipes/{id}/versions',
  'post /api/cook-sessions/{id}/log',
]);

const METHODS = ['get', 'put', 'post', 'patch', 'delete'] as const;

/** Documents what each call may be refused with, told from its method and path. */
function documentRefusals(document: OpenAPIObject): void {
  for (const [path, item] of Object.entries(document.paths)) {
    for (const method of METHODS) {
      const call = item[method];
      if (call === undefined) continue;
      const hasBody = method === 'put' || method === 'post' || method === 'patch';
      const statuses = [
        ...(hasBody || path.endsWith('/pot') ? [400, 413] : []),
        ...(path.includes('{id}') ? [404] : []),
        ...(MAY_COLLIDE.has(`${method} ${path}`) ? [409] : []),
        ...[401, 403, 429, 503, 507],
      ];
      for (const status of statuses) {
        call.responses[status] = {
          description: SAID[status] ?? '',
          content: { 'application/problem+json': { schema: { $ref: PROBLEM } } },
        };
      }
    }
  }
}

const PROBLEM = '#/components/schemas/Problem';
/** RFC 9457. */
const PROBLEM_SCHEMA: Schema = {
  type: 'object',
  required: ['type', 'title', 'status', 'detail', 'instance', 'faults'],
  properties: {
    type: { type: 'string' },
    title: { type: 'string' },
    status: { type: 'integer' },
    detail: { type: 'string', description: 'What was wrong, and what would be right.' },
    detailMessage: {
      type: 'object',
      description: 'The same as code and values, which do not change with the language.',
      properties: { code: { type: 'string' }, values: { type: 'object' } },
    },
    instance: { type: 'string' },
    faults: {
      type: 'array',
      items: {
        type: 'object',
        required: ['field', 'message'],
        properties: { field: { type: 'string' }, message: { type: 'string' } },
      },
    },
  },
};

/** Serves the OpenAPI page at /api/docs. */
export function documentApi(app: INestApplication): void {
  SwaggerModule.setup('api/docs', app, documentOf(app));
}

/** The document, its schemas read from the validation rules themselves. */
export function documentOf(app: INestApplication): OpenAPIObject {
  const document = SwaggerModule.createDocument(
    app,
    new DocumentBuilder()
      .setTitle('Idle Kettle')
      .setDescription('Errors are RFC 9457 problem details with a list of faults.')
      .setVersion('0.1.0')
      .build(),
  );
  const schemas = validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage,
    refPointerPrefix: '#/components/schemas/',
  }) as Schemas;
  const request = schemas['PlanRequestDto'];
  if (request && 'properties' in request) {
    schemas['PlanRequestDto'] = { ...request, properties: { ...request.properties, lines: LINES } };
  }
  document.components = {
    ...document.components,
    schemas: { ...schemas, Problem: PROBLEM_SCHEMA },
  };
  documentRefusals(document);
  return document;
}
