import { clothCalled } from '../../cloths/catalogue'
import { type Need } from '../../notebook/schemas/need'
import { type Garment } from '../../vocabulary/choosing'
import { type Clause } from './clauses'
import { bodyIn, clothsIn, opacityIn, stretchIn, weightIn, type ListedCloth } from './facts'
import { AVOID_PATTERNS, DETAIL_PATTERNS, GARMENT_PATTERNS, ROLE_PATTERNS, SEASON_PATTERNS } from './lexicon'
import { notionsIn } from './notions'
import { roleRead, type EnvelopeReading } from './reading'
import { mustHave } from '../../lists/items'

const NEGATED = new RegExp(
  String.raw`\b(?:not (?:for|to be made|suitable|recommended|suited|advised|appropriate|good)|` +
    String.raw`unsuitable|avoid|do not use|don't use|` +
    String.raw`no (?=obvious|large|one|stripes|plaids|checks|diagonal|border|pile))`,
)
const SAID_OF_BEFORE =
  /\b(?:is|are|be)\s+(?:not (?:suitable|recommended|suited|advised|appropriate|good)|unsuitable)\b(?!\s*(?:for|to)\b)/
const EXTRA =
  /\b(?:allow|add|extra|additional)\b[^.]*\b(?:match|nap|shrink|one[- ]way|plaids?|stripes?|checks?|repeat)/
const NAP = /\bnap\b|\bpile\b|\bshad(?:ed|ing)\b|\bone[- ]way\b/

/** @returns whether anything in it was understood */
export function readNeeds(reading: EnvelopeReading, clause: Clause): boolean {
  if (NEGATED.test(clause.text)) return readAvoid(reading, clause)
  if (EXTRA.test(clause.text)) return readNap(reading, clause.text)
  const { notions, others } = notionsIn(clause)
  // A list that is mostly notions is one, headed or not.
  const isList = notions.length > 0 && (reading.inNotions || notions.length > others.length)
  const isDescription = !reading.inNotions && FASTENED.test(clause.text)
  if (isList && !isDescription && !isThingWith(reading, clause.text)) {
    reading.notions.push(...notions)
    for (const other of others) readCloth(reading, other, clause.line)
    return true
  }
  if (reading.inNotions) return clause.text.split(',').some((item) => readCloth(reading, item.trim(), clause.line))
  const isGarment = readGarment(reading, clause.text)
  const isFabric = readFabric(reading, clause)
  return isGarment || isFabric
}

/** “Pyjamas with piping”: a thing and what is on it, no list of what to buy. */
function isThingWith({ inNotions }: EnvelopeReading, text: string): boolean {
  const [before, behind] = text.split(/\bwith\b/)
  return !inNotions && behind !== undefined && !/\d/.test(text) && firstGarment(mustHave(before)) !== undefined
}

/** Words of a description rather than of a list: “a zip fly and a button-through front”. */
const FASTENED =
  /\bzip(?:per)? fly\b|\bbutton(?:ed)?[- ](?:front|up|down|through)|\bdress\b|\bskirt\b|\bjacket\b|\btrousers\b/

/** Cloth that stands among the notions: “0.5 m of lightweight interfacing”, “1 m canvas”. */
function readCloth(reading: EnvelopeReading, item: string, line: number): boolean {
  const role = ROLE_PATTERNS.find(([pattern]) => pattern.test(item.replace(QUANTITY, '')))?.[1] ?? 'main'
  const before = reading.role
  reading.role = role
  const understood =
    readFabric(reading, { text: item, written: item, line }) ||
    (role !== 'main' && roleRead(reading, role) !== undefined)
  reading.role = before
  return understood
}
const QUANTITY = /^(?:\d[\d ./]*\s*(?:m|cm|yds?|yards?|metres?)?\s*(?:of\s+)?)/

function readAvoid(reading: EnvelopeReading, { text, line }: Clause): boolean {
  const at = mustHave(NEGATED.exec(text)).index
  // “Stretch fabrics are not recommended”: what stands before it is meant.
  const isBefore = SAID_OF_BEFORE.test(text)
  const found = AVOID_PATTERNS.filter(([pattern]) => pattern.test(isBefore ? text : text.slice(at)))
  found.forEach(([, id]) => reading.avoid.add(id))
  const main = roleRead(reading, 'main').need
  if (found.some(([, id]) => id === 'pile')) main.pile = 'no'
  if (found.some(([, id]) => id === 'knits')) main.structure = 'woven'
  if (found.some(([, id]) => id === 'wovens')) main.structure = 'knit'
  // What stands before “not suitable for” is said of what suits.
  if (at > 8 && !isBefore) readFabric(reading, { text: text.slice(0, at), written: '', line })
  return found.length > 0
}

/** Lengths with nap for cloth that has one: pile may be used, laid one way. */
export function readNap(reading: EnvelopeReading, text: string): boolean {
  if (NAP.test(text) && !/without nap/.test(text)) roleRead(reading, 'main').need.pile = 'with-nap-layout'
  return true
}

/** What is made, and its details; only the first that is named is the garment. */
export function readGarment(reading: EnvelopeReading, text: string): boolean {
  const isDescription = reading.role === 'main' && !reading.inNotions
  if (!isDescription) return false
  const garment = firstGarment(reading.isAmerican ? text.replace(/\bjumper\b/g, 'pinafore dress') : text)
  const isList = /fabrics?\b|such as|suitable for/.test(text) && reading.garment !== null
  if (garment && reading.garment === null && !isList) reading.garment = garment
  const details = DETAIL_PATTERNS.filter(([pattern]) => pattern.test(text)).map(([, id]) => id)
  if (details.length > 0) {
    const { need } = roleRead(reading, 'main')
    need.details = [...new Set([...(need.details ?? []), ...details])]
  }
  return garment !== undefined || details.length > 0
}

/** The garment that is named first; of two that begin at one word, the one that says more. */
export function firstGarment(text: string): Garment | undefined {
  const found = GARMENT_PATTERNS.flatMap(([pattern, garment], order) => {
    const match = pattern.exec(text)
    return match ? [{ garment, at: match.index, length: match[0].length, order }] : []
  })
  return found.sort((a, b) => a.at - b.at || b.length - a.length || a.order - b.order)[0]?.garment
}

/** What a clause says of the cloth of the role that it stands under. */
export function readFabric(reading: EnvelopeReading, { text }: Clause): boolean {
  const before = reading.roles.get(reading.role)
  const { need } = roleRead(reading, reading.role)
  const found: Partial<Need> = {}
  const gsm = weightIn(text, reading.role)
  if (gsm) found.gsm = widened(need.gsm, gsm)
  const stretchPercent = stretchIn(text)
  if (stretchPercent) found.stretchPercent = stricter(need.stretchPercent, stretchPercent)
  const body = bodyIn(text)
  if (body) found.body = [...new Set([...(need.body ?? []), ...body])]
  const opacity = opacityIn(text)
  if (opacity) found.opacity = opacity
  const season = SEASON_PATTERNS.find(([pattern]) => pattern.test(text))?.[1]
  if (season) found.season = season
  const pile = pileIn(text)
  if (pile) found.pile = pile
  if (MACHINE.test(text)) found.care = 'machine'
  const listed = reading.role === 'interfacing' ? [] : clothsIn(text)
  if (listed.length > 0) Object.assign(found, calledFrom(need, listed))
  noteStructure(reading, text, listed)
  const hasStructure = structureIn(text) !== undefined
  Object.assign(need, found)
  const understood = Object.keys(found).length > 0 || hasStructure || listed.length > 0
  if (!understood && !before && Object.keys(need).length === 0) reading.roles.delete(reading.role)
  return understood
}

/** Of two stretches that are asked for, the one that asks for more. */
function stricter(before: Need['stretchPercent'], now: NonNullable<Need['stretchPercent']>): Need['stretchPercent'] {
  const width = (before?.width?.[0] ?? -1) > (now.width?.[0] ?? -1) ? mustHave(before).width : now.width
  return { ...before, ...now, ...(width && { width }) }
}

const MACHINE = /\bmachine[- ]wash/

function widened(before: Need['gsm'], [low, high]: [number, number]): [number, number] {
  return before ? [Math.min(before[0], low), Math.max(before[1], high)] : [low, high]
}

function pileIn(text: string): Need['pile'] {
  if (/\bwithout nap\b|\bno nap\b/.test(text)) return undefined
  if (/\bwith nap\b|\bnap (?:layout|yardage|length)s?\b|\bpile\b|\bnapped\b/.test(text)) return 'with-nap-layout'
  return /\bvelvets?\b|\bcorduroys?\b|\bvelveteens?\b|\bvelours?\b/.test(text) ? 'yes' : undefined
}

const isSame = (a: string, b: string) => clothCalled(a)?.id === clothCalled(b)?.id

function calledFrom(need: Need, listed: readonly ListedCloth[]): Partial<Need> {
  const before = need.called ?? []
  const called = [...before]
  // “Use nap layouts for corduroy” names the corduroy of the list again; “bamboo jersey” is another than “jersey”.
  const isNamed = (word: string) =>
    called.some((one) => word.split(' ').every((part) => one.split(' ').includes(part)) && isSame(one, word))
  for (const { word, cloth } of listed) if (cloth && !isNamed(word)) called.push(word)
  const fibres = [
    ...new Set([...(need.fibres ?? []), ...listed.flatMap(({ fibre, cloth }) => (cloth ? [] : (fibre ?? [])))]),
  ]
  return { ...(called.length > 0 && { called }), ...(fibres.length > 0 && { fibres }) }
}

function structureIn(text: string): 'woven' | 'knit' | 'either' | undefined {
  const woven = /\bwovens?\b/.test(text)
  const knit = /\bknits?\b|\bknitted\b|\bjerseys?\b/.test(text)
  return woven && knit ? 'either' : woven ? 'woven' : knit ? 'knit' : undefined
}

/** Woven or knit as it is said, else as the cloths that are named are. */
function noteStructure(reading: EnvelopeReading, text: string, listed: readonly ListedCloth[]): void {
  const { need } = roleRead(reading, reading.role)
  const said = structureIn(text)
  const seen = reading.structures.get(reading.role) ?? new Set<'woven' | 'knit'>()
  if (said !== undefined) {
    for (const one of said === 'either' ? (['woven', 'knit'] as const) : [said]) seen.add(one)
    if (/\bonly\b/.test(text) && said !== 'either') need.structure = said
  }
  for (const { cloth } of listed) {
    if (cloth?.construction === 'woven' || cloth?.construction === 'knit') seen.add(cloth.construction)
  }
  reading.structures.set(reading.role, seen)
}

export function settleStructures({ structures, roles }: EnvelopeReading): void {
  for (const [role, seen] of structures) {
    const need = roles.get(role)?.need
    if (!need || need.structure !== undefined || seen.size === 0) continue
    need.structure = seen.size === 2 ? 'either' : [...seen][0]
  }
}
