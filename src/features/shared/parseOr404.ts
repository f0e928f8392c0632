import { notFound } from 'next/navigation'
import { type z } from 'zod'

/** What an action was told, read by its schema; what no page of ours would say is a page that does not exist. */
export function parseOr404<S extends z.ZodType>(schema: S, input: unknown): z.output<S> {
  const parsed = schema.safeParse(input)
  return parsed.success ? parsed.data : notFound()
}
