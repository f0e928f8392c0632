import { clothCalled } from '../../cloths/catalogue'
import { type Need } from '../../notebook/schemas/need'
import { AVOID_WORDS, type Avoid, type Garment, type Role } from '../../vocabulary/choosing'
import { wordFor } from '../../vocabulary/words'
import { clausesOf, type Clause } from './clauses'
import { bodyIn, clothsIn, opacityIn, stretchIn, weightIn, type ListedCloth } from './facts'
import {
  AVOID_PATTERNS,
  DETAIL_PATTERNS,
  GARMENT_PATTERNS,
  NOTION_PATTERNS,
  ROLE_PATTERNS,
  SEASON_PATTERNS,
} from './lexicon'
import { notionsIn, type Notion } from './notions'
import { plainText } from './numbers'
import { columnsOf } from './columns'
import { lengthsIn, napIn, NO_CONTEXT, viewsOf, widthAlone, type TableContext } from './table'
import { type LengthAsked } from '../../notebook/schemas/making'

/** What an envelope says of one role. */
export interface RoleRead {
  role: Role
  need: Need
  lengths: LengthRead[]
}

/** A length, and the line that it stands in: the person confirms it before anything follows from it. */
export interface LengthRead extends LengthAsked {
  from: string
}

/** An envelope, read. */
export interface EnvelopeRead {
  garment: Garment | null
  roles: RoleRead[]
  notions: Notion[]
  avoid: { id: Avoid; text: string }[]
  /** Statements that were not understood, as they were written. */
  notRead: string[]
  /** As its first line has it; null where that says something else. */
  name: string | null
  /** Views that have lengths of their own. */
  views: string[]
}

/** What the reading has come to so far. */
interface Reading {
  garment: Garment | null
  roles: Map<Role, RoleRead>
  /** Which the lines are about now. */
  role: Role
  /** What the lines above say of the rows of a table. */
  table: TableContext
  inNotions: boolean
  notions: Notion[]
  avoid: Set<Avoid>
  notRead: string[]
  structures: Map<Role, Set<'woven' | 'knit'>>
  /** Some words mean another thing in the US: a vest, a jumper. */
  isAmerican: boolean
}

const NOTIONS_HEAD =
  /^(?:notions|haberdashery|you(?:'ll| will) (?:also )?need|also(?: needed)?|findings|sewing supplies|extras)\b\s*:?/
const FABRICS_HEAD = new RegExp(
  String.raw`^(?:suggested |recommended |suitable |best )?(?:fabrics?|cloth|materials?)` +
    String.raw`(?: (?:suggestions?|recommendations?|requirements?|needed))?\s*:?`,
)
const NEGATED = new RegExp(
  String.raw`\b(?:not (?:for|to be made|suitable|recommended|suited|advised|appropriate|good)|` +
    String.raw`unsuitable|avoid|do not use|don't use|` +
    String.raw`no (?=obvious|large|one|stripes|plaids|checks|diagonal|border|pile))`,
)
const EXTRA =
  /\b(?:allow|add|extra|additional)\b[^.]*\b(?:match|nap|shrink|one[- ]way|plaids?|stripes?|checks?|repeat)/
const NAP = /\bnap\b|\bpile\b|\bshad(?:ed|ing)\b|\bone[- ]way\b/

/**
 * What a pattern’s envelope says, read into needs, role by role: weights, weave, stretch, fall, cover, pile, cloths
 * that it names, what it warns of, lengths by width and size, and notions. What was not understood is listed as it
 * stands.
 * Words and their ranges: common practice, from memory.
 */
export function readEnvelope(text: string): EnvelopeRead {
  const reading: Reading = {
    garment: null,
    roles: new Map(),
    role: 'main',
    table: NO_CONTEXT,
    inNotions: false,
    notions: [],
    avoid: new Set(),
    notRead: [],
    structures: new Map(),
    isAmerican: isAmerican(text),
  }
  const clauses = clausesOf(text)
  for (const clause of clauses) readClause(reading, clause)
  const name = nameOf(text, reading)
  if (name !== null) reading.notRead = reading.notRead.filter((one) => one !== name)
  settleStructures(reading)
  if (reading.garment) roleRead(reading, 'main').need.garment = reading.garment
  const roles = [...reading.roles.values()].map(({ role, need, lengths }) => ({
    role,
    need: { ...need, ...(reading.garment && { garment: reading.garment }), role },
    lengths,
  }))
  return {
    garment: reading.garment,
    roles: roles.toSorted((a, b) => Number(b.role === 'main') - Number(a.role === 'main')),
    notions: reading.notions,
    avoid: [...reading.avoid].map((id) => ({ id, text: wordFor(AVOID_WORDS[id], 'uk') })),
    notRead: reading.notRead,
    name,
    views: [...new Set(roles.flatMap(({ lengths }) => lengths.flatMap(({ view }) => view ?? [])))].sort(),
  }
}

/** A first line of a few words that says nothing of fabric or lengths: the name of the pattern. */
function nameOf(text: string, { notRead, garment }: Reading): string | null {
  const [first = '', second] = text
    .split(/\r?\n/)
    .map((line) => line.trim())
    .filter((line) => line !== '')
  const isTitle = second !== undefined && /^[^\d:;,.]{2,60}$/.test(first) && first.split(/\s+/).length <= 8
  const isOnlyNamed = notRead.includes(first) || (garment !== null && firstGarment(first.toLowerCase()) === garment)
  const isHeading = NOTIONS_HEAD.test(first.toLowerCase()) || FABRICS_HEAD.test(first.toLowerCase())
  return isTitle && isOnlyNamed && !isHeading && clothsIn(first.toLowerCase()).length === 0 ? first : null
}

/** Whether an envelope is written as in the US, by its units and words. */
function isAmerican(text: string): boolean {
  const uk = /\b(?:calico|haberdashery|colour|fibre|metres?|wadding|tartan|dressmaking)\b/i
  return /\byds?\b|\byards?\b|\binch|\d ?["″”]|[½¼¾⅛⅜⅝⅞]/i.test(text) && !uk.test(text)
}

function roleRead({ roles }: Reading, role: Role): RoleRead {
  const found = roles.get(role) ?? { role, need: {}, lengths: [] }
  roles.set(role, found)
  return found
}

/** One statement. The lines of a table come first: they look like nothing else. */
function readClause(reading: Reading, clause: Clause): void {
  if (readHeading(reading, clause)) return
  const rest = afterHeading(reading, clause.text)
  if (rest === '') return
  const { cloth, notions } = apart(clause)
  const rows = lengthsIn(cloth, reading.table)
  if (rows.length > 0) {
    reading.notions.push(...notions)
    const roles = rolesOf(reading, clause.text)
    for (const { role: own, ...row } of rows) {
      for (const role of own ? [own] : roles) roleRead(reading, role).lengths.push({ ...row, from: clause.written })
    }
    // Of several fabrics in one line nobody knows which a word is said of.
    if (rows.every(({ role }) => role === undefined)) readFabric(reading, { ...clause, text: withoutView(rest) })
    return
  }
  if (readNeeds(reading, { ...clause, text: withoutView(rest) })) return
  reading.notRead.push(clause.written)
}

const VIEWS_ALONE = /^views?\s+([a-k1-9](?:\s*(?:,|&|and|\/|-)\s*[a-k1-9])*)\s*:?$/
const NAP_ALONE = /^(?:\*+\s*)?(?:with(?:out)?(?: or with(?:out)?)? nap|no nap)\s*:?$/
const UNITS_ALONE = /^(?:yardage|metrage|lengths?|fabric requirements?|requirements)\b.{0,30}$/

/** A line that says something of the rows below it. */
function readHeading(reading: Reading, { text, written }: Clause): boolean {
  const views = VIEWS_ALONE.exec(text)
  const columns = views ? undefined : columnsOf(written)
  if (views) reading.table = { ...reading.table, views: viewsOf(views[1]!) }
  else if (columns) reading.table = { ...reading.table, columns, widthMm: null }
  else if (NAP_ALONE.test(text)) {
    reading.table = { ...reading.table, nap: napIn(text) }
    readNap(reading, text)
  } else if (widthAlone(written) !== undefined) {
    const nap = napIn(text)
    reading.table = { ...reading.table, widthMm: widthAlone(written)!, ...(nap !== null && { nap }) }
  } else if (UNITS_ALONE.test(text) && !/\d/.test(text)) {
    const inYards = /yard/.test(text) ? true : /met/.test(text) ? false : reading.table.inYards
    reading.table = { ...reading.table, inYards }
  } else return false
  return true
}

/** “View A: …”: what is said of the fabric is said behind it. */
const withoutView = (text: string) => text.replace(/^views?\s+[a-z0-9]{1,3}\b\s*[:,]?\s*/, '')

/** The roles that a row is of: “outer and lining, 1 m of each” is of both. */
function rolesOf(reading: Reading, text: string): Role[] {
  const isBoth =
    /\b(?:outer|main|self|shell|exterior)\b[^,;.\d]*(?:\band\b|&|\/)\s*lining\b/.test(text) ||
    /\blining\s*(?:and|&)\s*(?:outer|main|shell)\b/.test(text)
  return isBoth ? ['main', 'lining'] : [reading.role]
}

/** “1.2 m of 140 cm wide canvas, 3 m tape”: the cloth of a line, and the notions that stand behind it. */
function apart(clause: Clause): { cloth: string; notions: Notion[] } {
  const items = clause.written.split(/,(?= )/)
  const isNotion = (item: string) => NOTION_PATTERNS.some(([pattern]) => pattern.test(item.toLowerCase()))
  const cloth = items.filter((item) => !isNotion(item))
  const rest = items.filter(isNotion).join(',')
  return {
    cloth: cloth.join(','),
    notions: rest === '' ? [] : notionsIn({ text: plainText(rest).toLowerCase(), written: rest }).notions,
  }
}

/** Takes the heading off a line, and notes which part of the envelope it begins. */
function afterHeading(reading: Reading, text: string): string {
  if (NOTIONS_HEAD.test(text)) {
    reading.inNotions = true
    // A table that follows without a word of its own is that of the main cloth.
    reading.role = 'main'
    return text.replace(NOTIONS_HEAD, '').trim()
  }
  const role = ROLE_PATTERNS.find(([pattern]) => pattern.test(text))
  if (role) {
    reading.inNotions = false
    reading.table = { ...reading.table, views: [], nap: null, widthMm: null }
    reading.role = role[1]
    roleRead(reading, role[1])
    // “Lining: …” is a heading; “lightweight interfacing” is one that says something itself.
    const rest = text.replace(/^[^:]{0,40}:\s*/, '')
    return role[1] === 'interfacing'
      ? text.replace(/:/, ' ')
      : rest === text
        ? text.replace(role[0], '').trim()
        : rest
  }
  if (FABRICS_HEAD.test(text)) {
    reading.inNotions = false
    reading.role = 'main'
    return text.replace(FABRICS_HEAD, '').trim()
  }
  return text
}

/** @returns whether anything in it was understood */
function readNeeds(reading: Reading, clause: Clause): boolean {
  if (NEGATED.test(clause.text)) return readAvoid(reading, clause.text)
  if (EXTRA.test(clause.text)) return readNap(reading, clause.text)
  const { notions, others } = notionsIn(clause)
  // A list that is mostly notions is one, headed or not.
  const isList = notions.length > 0 && (reading.inNotions || notions.length > others.length)
  if (isList && !FASTENED.test(clause.text)) {
    reading.notions.push(...notions)
    for (const other of others) readCloth(reading, other)
    return true
  }
  if (reading.inNotions) return clause.text.split(',').some((item) => readCloth(reading, item.trim()))
  const isGarment = readGarment(reading, clause.text)
  const isFabric = readFabric(reading, clause)
  return isGarment || isFabric
}

/** Words of a description rather than of a list: “a zip fly and a button-through front”. */
const FASTENED =
  /\bzip(?:per)? fly\b|\bbutton(?:ed)?[- ](?:front|up|down|through)|\bdress\b|\bskirt\b|\bjacket\b|\btrousers\b/

/** Cloth that stands among the notions: “0.5 m of lightweight interfacing”, “1 m canvas”. */
function readCloth(reading: Reading, item: string): boolean {
  const role = ROLE_PATTERNS.find(([pattern]) => pattern.test(item.replace(QUANTITY, '')))?.[1] ?? 'main'
  const before = reading.role
  reading.role = role
  const understood =
    readFabric(reading, { text: item, written: item }) || (role !== 'main' && roleRead(reading, role) !== undefined)
  reading.role = before
  return understood
}
const QUANTITY = /^(?:\d[\d ./]*\s*(?:m|cm|yds?|yards?|metres?)?\s*(?:of\s+)?)/

function readAvoid(reading: Reading, text: string): boolean {
  const at = NEGATED.exec(text)!.index
  const found = AVOID_PATTERNS.filter(([pattern]) => pattern.test(text.slice(at)))
  found.forEach(([, id]) => reading.avoid.add(id))
  const main = roleRead(reading, 'main').need
  if (found.some(([, id]) => id === 'pile')) main.pile = 'no'
  if (found.some(([, id]) => id === 'knits')) main.structure = 'woven'
  if (found.some(([, id]) => id === 'wovens')) main.structure = 'knit'
  // What stands before “not suitable for” is said of what suits.
  if (at > 8) readFabric(reading, { text: text.slice(0, at), written: '' })
  return found.length > 0
}

/** Lengths with nap for cloth that has one: pile may be used, laid one way. */
function readNap(reading: Reading, text: string): boolean {
  if (NAP.test(text) && !/without nap/.test(text)) roleRead(reading, 'main').need.pile = 'with-nap-layout'
  return true
}

/** What is made, and its details; only the first that is named is the garment. */
function readGarment(reading: Reading, text: string): boolean {
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
function firstGarment(text: string): Garment | undefined {
  const found = GARMENT_PATTERNS.flatMap(([pattern, garment], order) => {
    const match = pattern.exec(text)
    return match ? [{ garment, at: match.index, length: match[0].length, order }] : []
  })
  return found.sort((a, b) => a.at - b.at || b.length - a.length || a.order - b.order)[0]?.garment
}

/** What a clause says of the cloth of the role that it stands under. */
function readFabric(reading: Reading, { text }: Clause): boolean {
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
  const width = (before?.width?.[0] ?? -1) > (now.width?.[0] ?? -1) ? before!.width : now.width
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

function calledFrom(need: Need, listed: readonly ListedCloth[]): Partial<Need> {
  const before = need.called ?? []
  // “Use nap layouts for corduroy” names the corduroy of the list again.
  const key = (word: string) => `${clothCalled(word)?.id} ${word.split(' ').at(-1)}`
  const known = new Set(before.map(key))
  const called = [...before]
  for (const { word, cloth } of listed) {
    if (cloth && !known.has(key(word))) called.push(word)
    known.add(key(word))
  }
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
function noteStructure(reading: Reading, text: string, listed: readonly ListedCloth[]): void {
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

function settleStructures({ structures, roles }: Reading): void {
  for (const [role, seen] of structures) {
    const need = roles.get(role)?.need
    if (!need || need.structure !== undefined || seen.size === 0) continue
    need.structure = seen.size === 2 ? 'either' : [...seen][0]
  }
}
