const KB = 1024
const MB = 1024 * KB

/** The most that one request may carry, by what it is; looked at before a byte of it is read. */
const LIMITS = {
  /** A passphrase, from somebody who was not let in yet. */
  door: 4 * KB,
  action: 64 * KB,
  /** An action from a page on which a file is read or a layout is kept: tables, outlines, placements. */
  largeAction: 9 * MB,
  /** With a picture or a file. */
  multipart: 30 * MB,
} as const

/** Pages whose actions carry what was read from a file. */
const LARGE = new RegExp(
  [
    String.raw`^/stash/spreadsheet`,
    // Outlines of pieces, of garments that are taken apart, of flaws.
    String.raw`^/stash/[^/]+(?:/|$)`,
    String.raw`^/make/patterns/(?:add$|[^/]+/(?:layout|pieces|edit))`,
    String.raw`^/make/leftovers`,
  ].join('|'),
)

export interface BodyAsked {
  method: string
  path: string
  isAction: boolean
  contentType: string | null
  contentLength: string | null
}

/** Why a body is not read at all: too large, or nobody says how large. */
export type BodyRefusal = { status: 411 | 413; message: string }

/**
 * What is wrong with the size of a request's body; undefined where nothing is, and where the route counts for itself.
 * A length that is said is kept to by the server: what is longer is cut off there.
 */
export function bodyProblem({
  method,
  path,
  isAction,
  contentType,
  contentLength,
}: BodyAsked): BodyRefusal | undefined {
  if (method !== 'POST') return undefined
  const isAtTheDoor = /^\/door(?:\/|$)/.test(path)
  if (!isAtTheDoor && !isAction) return undefined
  const length = contentLength === null ? NaN : Number(contentLength)
  if (!Number.isInteger(length) || length < 0)
    return { status: 411, message: 'The length of the request is missing.' }
  const isMultipart = contentType?.startsWith('multipart/form-data') ?? false
  const most = isAtTheDoor
    ? LIMITS.door
    : isMultipart
      ? LIMITS.multipart
      : LARGE.test(path)
        ? LIMITS.largeAction
        : LIMITS.action
  return length > most ? { status: 413, message: `You can send ${sizeWords(most)} at most.` } : undefined
}

const sizeWords = (bytes: number) => (bytes >= MB ? `${bytes / MB} MB` : `${bytes / KB} kB`)
