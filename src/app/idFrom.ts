import { notFound } from 'next/navigation'

/** The record id in an address; anything that is no id is a page that does not exist. */
export function idFrom(text: string | undefined): number {
  const id = Number(text)
  if (!Number.isSafeInteger(id) || id < 1) notFound()
  return id
}
