import { notFound } from 'next/navigation'
import { RecordIdSchema } from '@/core/notebook/schemas/id'

/** The record id in an address; anything that is no id is a page that does not exist. */
export function idFrom(text: string | undefined): string {
  return pieceFrom(text) ?? notFound()
}

/** The record that an address names, if it names one; anything that is no id names none. */
export function pieceFrom(text: string | string[] | undefined): string | undefined {
  const parsed = RecordIdSchema.safeParse(text)
  return parsed.success ? parsed.data : undefined
}
