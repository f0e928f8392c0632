import { z } from 'zod'
import { exchangeJsonSchema } from '../../core/formats/json/document'
import { ComfortRequest, ComfortResponse } from './comfort'
import { CountRequest, CountResponse } from './count'
import { DyeRequest, DyeResponse } from './dye'
import { EnvelopeRequest, EnvelopeResponse } from './envelope'
import { EnoughRequest, EnoughResponse } from './enough'
import { ImportResponse } from './exchange'
import { IdentifyRequest, IdentifyResponse } from './identify'
import { LayRequest, LayResponse } from './lay'
import { MatchRequest, MatchResponse } from './match'
import { MixRequest, MixResponse } from './mix'
import { NameRequest, NameResponse } from './name'
import { OutlinesRequest, OutlinesResponse } from './outlines'
import { PrepareRequest, PrepareResponse } from './prepare'
import { ProblemSchema } from './problem'
import { QuantityRequest, QuantityResponse } from './quantity'
import { SetRequest, SetResponse } from './set'
import { SewRequest, SewResponse } from './sew'
import { TableRequest, TableResponse } from './table'
import { TeardownRequest, TeardownResponse } from './teardown'
import { UnravelRequest, UnravelResponse } from './unravel'
import { WeighRequest, WeighResponse } from './weigh'

const operations = [
  {
    path: '/api/v1/identify',
    summary: 'What is this cloth made of, given what was seen?',
    request: IdentifyRequest,
    response: IdentifyResponse,
  },
  {
    path: '/api/v1/weigh',
    summary: 'Mass per area from weighings, with uncertainty.',
    request: WeighRequest,
    response: WeighResponse,
  },
  {
    path: '/api/v1/name',
    summary: 'Which cloth is this called, given how it is made?',
    request: NameRequest,
    response: NameResponse,
  },
  {
    path: '/api/v1/count',
    summary: 'Threads per centimetre each way, from a picture of known scale.',
    request: CountRequest,
    response: CountResponse,
    form: true,
  },
  {
    path: '/api/v1/match',
    summary: 'How well a cloth meets what a pattern needs, why, and what would rescue it.',
    request: MatchRequest,
    response: MatchResponse,
  },
  {
    path: '/api/v1/lay',
    summary: 'How a pattern’s pieces lie on a length of cloth or on odd pieces, how much it takes, and what is left.',
    request: LayRequest,
    response: LayResponse,
  },
  {
    path: '/api/v1/sew',
    summary:
      'How a cloth wants to be handled: needle, thread, stitch, cutting, pressing, seams and hems, in their order.',
    request: SewRequest,
    response: SewResponse,
  },
  {
    path: '/api/v1/prepare',
    summary:
      'Steps from a cloth that was brought home to the last hem, in loads, laid into the hours that there are.',
    request: PrepareRequest,
    response: PrepareResponse,
  },
  {
    path: '/api/v1/mix',
    summary: 'Whether two cloths go together in one thing, where not, and what to do about it.',
    request: MixRequest,
    response: MixResponse,
  },
  {
    path: '/api/v1/dye',
    summary: 'Whether a cloth takes dye, the colour that comes, what goes into the bath, and what to mind.',
    request: DyeRequest,
    response: DyeResponse,
  },
  {
    path: '/api/v1/teardown',
    summary: 'How a garment comes apart, seam by seam, and the panels that it yields.',
    request: TeardownRequest,
    response: TeardownResponse,
  },
  {
    path: '/api/v1/unravel',
    summary: 'Whether a knitted thing gives its yarn back, how much of it, and how.',
    request: UnravelRequest,
    response: UnravelResponse,
  },
  {
    path: '/api/v1/set',
    summary: 'Whether a cloth, its lining, interfacing and wadding go together.',
    request: SetRequest,
    response: SetResponse,
  },
  {
    path: '/api/v1/comfort',
    summary: 'How a cloth wears in hot, mild and cold weather.',
    request: ComfortRequest,
    response: ComfortResponse,
  },
  {
    path: '/api/v1/enough',
    summary: 'Whether a length is enough by an envelope’s table, and what to buy.',
    request: EnoughRequest,
    response: EnoughResponse,
  },
  {
    path: '/api/v1/envelope',
    summary: 'What a pattern’s envelope says, read into needs, lengths and notions.',
    request: EnvelopeRequest,
    response: EnvelopeResponse,
  },
  {
    path: '/api/v1/quantity',
    summary: 'A number as a person types it, with its unit; what can be read in two ways says so.',
    request: QuantityRequest,
    response: QuantityResponse,
  },
  {
    path: '/api/v1/outlines',
    summary: 'A drawing (DXF or SVG) read into the pieces of a pattern.',
    request: OutlinesRequest,
    response: OutlinesResponse,
    form: true,
  },
  {
    path: '/api/v1/table',
    summary: 'A spreadsheet’s text read into fabrics; nothing is kept.',
    request: TableRequest,
    response: TableResponse,
  },
] satisfies { path: string; summary: string; request: z.ZodType; response: z.ZodType; form?: true }[]

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
      ...operations.map(
        ({
          path,
          summary,
          request,
          response,
          form,
        }: {
          path: string
          summary: string
          request: z.ZodType
          response: z.ZodType
          form?: true
        }) => [
          path,
          {
            post: {
              operationId: path.split('/').pop(),
              summary,
              requestBody: {
                required: true,
                content: {
                  [form ? 'multipart/form-data' : 'application/json']: { schema: jsonSchema(request, 'input') },
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
        ],
      ),
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
          summary: 'Takes a document or an archive in, all of it or nothing.',
          parameters: [
            parameter('trial', ['0', '1'], '1 tells what it would do, and does nothing'),
            parameter('progress', ['0', '1'], '1 answers lines of JSON as it gets on, the outcome last'),
          ],
          requestBody: { required: true, content: document },
          responses: {
            200: {
              description: 'Taken in',
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
