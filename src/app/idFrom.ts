import { notFound } from 'next/navigation'

/** The record id in an address; anything that is no id is a page that does not exist. */
export function idFrom(text: string | undefined): number {
  const id = Number(text)
  if (!Number.isSafeInteger(id) || id < 1) notFound()
  return id
}

/** The piece that an address names, if it names one; anything that is no id names none. */
export function pieceFrom(text: string | undefined): number | undefined {
  const id = Number(text)
  return Number.isSafeInteger(id) && id > 0 ? id : undefined
}
