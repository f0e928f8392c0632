import { openApi } from '@/server/api/openapi'

export function GET(): Response {
  return Response.json(openApi())
}
