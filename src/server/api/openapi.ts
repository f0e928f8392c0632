import { z } from 'zod'
import { exchangeJsonSchema } from '../../core/formats/json/document'
import { computations } from './computations'
import { ImportResponse } from './exchange'
import { ProblemSchema } from './problem'

let made: string | undefined

/** The OpenAPI document as it is sent: the same for the life of the server, and made when it is first asked for. */
export function openApiText(): string {
  made ??= JSON.stringify(openApi())
  return made
}

/** The OpenAPI 3.1 document, generated from the schemas that the routes parse with. */
export function openApi() {
  const problems = Object.fromEntries(
    [
      ['400', 'Not JSON, or the wrong shape'],
      ['413', 'Too large'],
      ['422', 'The right shape, but it makes no sense'],
    ].map(([status, description]) => [
      status,
      { description, content: { 'application/json': { schema: { $ref: '#/components/schemas/Problem' } } } },
    ]),
  )
  return {
    openapi: '3.1.0',
    info: {
      title: 'Rough Swatch',
      version: '1',
      description: 'Lengths in mm, masses in g. Unknown keys are refused.',
    },
    paths: Object.fromEntries([
      ...computations.map(({ name, summary, request, response, file, example }) => [
        `/api/v1/${name}`,
        {
          post: {
            operationId: name,
            summary,
            requestBody: {
              required: true,
              content: {
                [file ? 'multipart/form-data' : 'application/json']: {
                  schema: jsonSchema(request, 'input'),
                  example,
                },
              },
            },
            responses: {
              200: {
                description: 'Computed',
                content: { 'application/json': { schema: jsonSchema(response, 'output') } },
              },
              ...problems,
            },
          },
        },
      ]),
      ...exchangePaths(problems),
    ]),
    components: { schemas: { Problem: jsonSchema(ProblemSchema, 'output') } },
  }
}

/** A notebook out and in. */
function exchangePaths(problems: object): [string, object][] {
  const document = { 'application/json': { schema: withoutDialect(exchangeJsonSchema()) }, 'application/zip': {} }
  const parameter = (name: string, values: string[], description: string) => ({
    name,
    in: 'query',
    required: false,
    description,
    schema: { type: 'string', enum: values },
  })
  return [
    [
      '/api/v1/export',
      {
        get: {
          operationId: 'export',
          summary: 'The whole notebook as one document, or as an archive with tables and pictures.',
          parameters: [parameter('format', ['json', 'zip', 'schema'], 'JSON where it is left out')],
          responses: { 200: { description: 'The notebook', content: document } },
        },
      },
    ],
    [
      '/api/v1/import',
      {
        post: {
          operationId: 'import',
          summary: 'Imports a document or an archive, all of it or nothing.',
          parameters: [
            parameter('trial', ['0', '1'], '1 shows what it would do, and changes nothing'),
            parameter('progress', ['0', '1'], '1 answers with lines of JSON while it works, the result last'),
          ],
          requestBody: { required: true, content: document },
          responses: {
            200: {
              description: 'Imported',
              content: { 'application/json': { schema: jsonSchema(ImportResponse, 'output') } },
            },
            ...problems,
          },
        },
      },
    ],
  ]
}

function jsonSchema(schema: z.ZodType, io: 'input' | 'output') {
  return withoutDialect({ ...z.toJSONSchema(schema, { io, unrepresentable: 'any' }) })
}

/** The dialect is said once, by the OpenAPI version. */
function withoutDialect(document: Record<string, unknown>): Record<string, unknown> {
  return Object.fromEntries(Object.entries(document).filter(([key]) => key !== '$schema'))
}
