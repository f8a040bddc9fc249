import type { INestApplication } from '@nestjs/common';
import { ApiBody, DocumentBuilder, SwaggerModule, type OpenAPIObject } from '@nestjs/swagger';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';
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

/** Serves the OpenAPI page at /api/docs, its schemas read from the validation rules themselves. */
export function documentApi(app: INestApplication): void {
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
  document.components = { ...document.components, schemas };
  SwaggerModule.setup('api/docs', app, document);
}
