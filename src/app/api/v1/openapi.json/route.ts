import { openApiText } from '@/server/api/openapi'

export function GET(): Response {
  return new Response(openApiText(), { headers: { 'content-type': 'application/json' } })
}
