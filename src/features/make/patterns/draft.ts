import { lengthsAsText } from '@/core/choose/envelope/lengths'
import { type patternFrom } from '@/core/choose/envelope/asPattern'
import { fullNeed } from '@/core/choose/need/need'
import { type PatternRecord } from '@/core/notebook/kinds/pattern'
import { type NotionAsked } from '@/core/notebook/schemas/making'
import { type Need } from '@/core/notebook/schemas/need'
import { type Role } from '@/core/vocabulary/choosing'

export interface PartnerDraft {
  role: Exclude<Role, 'main'>
  label: string
  need: Need
  lengthsText: string
}

/** A pattern as it stands in its form: tables as the text that somebody types. */
export interface PatternDraft {
  name: string
  notes: string
  envelope: string
  /** But for its weights, which stand beside it. */
  need: Need
  /** What the envelope says of the weight, g/m²; null where it does not. */
  from: number | null
  to: number | null
  lengthsText: string
  partners: PartnerDraft[]
  views: string
  notionsText: string
  pieces: number | null
  notRead: string[]
  pictures: PatternRecord['pictures']
  onList: boolean
}

export const BLANK: PatternDraft = {
  name: '',
  notes: '',
  envelope: '',
  need: { garment: 'shirt', details: [] },
  from: null,
  to: null,
  lengthsText: '',
  partners: [],
  views: '',
  notionsText: '',
  pieces: null,
  notRead: [],
  pictures: [],
  onList: false,
}

/** A kept pattern, ready to be changed. */
export function patternDraftOf(pattern: PatternRecord): PatternDraft {
  const { lengths, partners, views, notions, need, ...rest } = pattern
  return {
    ...rest,
    ...weightsApart(need),
    lengthsText: lengthsAsText(lengths),
    partners: partners.map(({ lengths: own, ...partner }) => ({ ...partner, lengthsText: lengthsAsText(own) })),
    views: views.join(', '),
    notionsText: notions.map(notionLine).join('\n'),
  }
}

/** What is sent to be kept. What reads lengths is fetched when they are: no page begins with it. */
export async function patternOf({
  lengthsText,
  partners,
  views,
  notionsText,
  need,
  from,
  to,
  ...rest
}: PatternDraft) {
  const { readLengths } = await import('@/core/choose/envelope/readLengths')
  return {
    ...rest,
    need: needOf({ need, from, to }),
    lengths: readLengths(lengthsText).lengths,
    partners: partners.map(({ lengthsText: own, ...partner }) => ({ ...partner, lengths: readLengths(own).lengths })),
    views: listOf(views, ','),
    notions: listOf(notionsText, '\n').map(notionOf),
  }
}

/**
 * What was read of an envelope, over what was typed so far; name and notes stay. Its lengths stay out until they are
 * confirmed: nothing is worked out from a length that nobody looked at.
 */
export function withReading(draft: PatternDraft, read: ReturnType<typeof patternFrom>): PatternDraft {
  const { need, partners, notions, notRead } = read
  const before = (role: Role) => draft.partners.find((one) => one.role === role)?.lengthsText ?? ''
  return {
    ...draft,
    ...weightsApart({ ...need, garment: need.garment ?? draft.need.garment }),
    partners: partners.map(({ role, label, need: own }) => ({ role, label, need: own, lengthsText: before(role) })),
    notionsText: notions.map(notionLine).join('\n'),
    notRead,
  }
}

/** Whether a reading would write over nothing: of what it fills in, all is as it was at first. */
export function isUnfilled(draft: PatternDraft): boolean {
  const filled = ({ need, from, to, partners, notionsText }: PatternDraft) =>
    JSON.stringify([need, from, to, partners, notionsText])
  return filled(draft) === filled(BLANK)
}

/** The lengths that were read, once they are confirmed. */
export function withLengths(draft: PatternDraft, read: ReturnType<typeof patternFrom>): PatternDraft {
  const own = (role: Role) => read.partners.find((one) => one.role === role)?.lengths ?? []
  return {
    ...draft,
    lengthsText: lengthsAsText(read.lengths),
    partners: draft.partners.map((one) => ({ ...one, lengthsText: lengthsAsText(own(one.role)) })),
  }
}

/** What is asked, with the open end of a weight filled in as usual. */
export function needOf({ need, from, to }: Pick<PatternDraft, 'need' | 'from' | 'to'>): Need {
  if (from === null && to === null) return need
  const [low, high] = fullNeed(need).gsm
  return { ...need, gsm: [from ?? low, to ?? high] }
}

function weightsApart(need: Need): Pick<PatternDraft, 'need' | 'from' | 'to'> {
  const { gsm, ...rest } = need
  return { need: rest, from: gsm?.[0] ?? null, to: gsm?.[1] ?? null }
}

const listOf = (text: string, by: string) =>
  text
    .split(by)
    .map((one) => one.trim())
    .filter((one) => one !== '')

function notionLine({ text }: NotionAsked): string {
  return text
}

function notionOf(text: string): NotionAsked {
  const count = /^(\d{1,3})\s*(?:x|×)?\s+(?!cm|mm|m\b|in\b|yd)/.exec(text)?.[1]
  return { id: '', text, count: count === undefined ? null : Number(count) }
}
