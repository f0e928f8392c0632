import { AVOID_WORDS, type Avoid, type Garment, type Role } from '../../vocabulary/choosing'
import { wordFor } from '../../vocabulary/words'
import { clausesOf, type Clause } from './clauses'
import { clothsIn } from './facts'
import { firstGarment, readFabric, readGarment, readNeeds, settleStructures } from './fabricNeeds'
import { afterHeading, ALL_HEAD, FABRICS_HEAD, NOTIONS_HEAD, readHeading, withoutCaption } from './headings'
import { NOTION_PATTERNS, ROLE_PATTERNS } from './lexicon'
import { measuresIn, withoutRestated } from './measures'
import { notionsIn, type Notion } from './notions'
import { plainText } from './numbers'
import { roleRead, type Reading, type RoleRead } from './reading'
import { sizesCalled } from './sizes'
import { lengthsIn, NO_CONTEXT } from './table'

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
    line: 0,
    widthOfLine: null,
    captionLine: -1,
    isRoleTold: false,
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
  const labels = labelsIn(reading)
  const roles = [...reading.roles.values()].map(({ role, need, lengths }) => ({
    role,
    need: { ...need, ...(reading.garment && { garment: reading.garment }), role },
    lengths: labels.size > 1 ? lengths : lengths.map((one) => (isLabel(one.view) ? { ...one, view: null } : one)),
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

const isRoleAlone = (text: string) => ROLE_PATTERNS.some(([pattern]) => pattern.exec(text)?.[0] === text.trim())

/** “Trousers, 140 cm wide fabric.”: the lengths that follow are of that width. */
function noteWidth(reading: Reading, text: string): void {
  const [width, ...others] = withoutRestated(measuresIn(text), text)
  const isAlone = width?.is === 'width' && width.isSaidWide === true && others.length === 0
  if (isAlone) reading.table = { ...reading.table, widthMm: Math.round(width.mm!) }
}

/** Whether a line has a width of fabric and something that may be a length of it. */
function looksLikeLengths(text: string, hasNotions: boolean): boolean {
  const kinds = measuresIn(text).map(({ is }) => is)
  return !hasNotions && (kinds.includes('length') || (kinds.includes('width') && kinds.includes('bare')))
}

/** “…; tulle 6 m at 280 cm”: fabric with a length of its own, beside a main one that has other names. */
function isAnother(reading: Reading, cloth: string): boolean {
  const main = reading.roles.get('main')
  if (reading.role !== 'main' || !main || main.lengths.length === 0) return false
  const named = clothsIn(/^[^\d]*/.exec(cloth.toLowerCase())![0]).flatMap((one) => one.cloth?.id ?? [])
  const known = (main.need.called ?? []).flatMap((word) => clothsIn(word).flatMap((one) => one.cloth?.id ?? []))
  return known.length > 0 && named.length > 0 && named.every((id) => !known.includes(id))
}

/** Whether a line with lengths has measures of something else as well: “2 fat quarters (18" × 22")”. */
function hasMore(cloth: string): boolean {
  const text = plainText(cloth).toLowerCase()
  return withoutRestated(measuresIn(text), text).some(({ is }) => is === 'other')
}

const isLabel = (view: string | null) => view !== null && view.length > 1

/** Things by whose names lengths are told: “Dress”, “Jacket”. One alone is no view. */
function labelsIn({ roles }: Reading): Set<string | null> {
  return new Set(
    [...roles.values()].flatMap(({ lengths }) => lengths.map(({ view }) => view)).filter((view) => isLabel(view)),
  )
}

/** A first line of a few words that says nothing of fabric or lengths: the name of the pattern. */
function nameOf(text: string, { notRead, garment }: Reading): string | null {
  const [first = '', second] = text
    .split(/\r?\n/)
    .map((line) => line.trim())
    .filter((line) => line !== '')
  const isTitle = second !== undefined && /^[^\d:;,.]{2,60}$/.test(first) && first.split(/\s+/).length <= 8
  const isOnlyNamed = notRead.includes(first) || (garment !== null && firstGarment(first.toLowerCase()) === garment)
  const isHeading =
    NOTIONS_HEAD.test(first.toLowerCase()) ||
    FABRICS_HEAD.test(first.toLowerCase()) ||
    ALL_HEAD.test(first.toLowerCase())
  return isTitle && isOnlyNamed && !isHeading && clothsIn(first.toLowerCase()).length === 0 ? first : null
}

/** Whether an envelope is written as in the US, by its units and words. */
function isAmerican(text: string): boolean {
  const uk = /\b(?:calico|haberdashery|colour|fibre|metres?|wadding|tartan|dressmaking)\b/i
  return /\byds?\b|\byards?\b|\binch|\d ?["″”]|[½¼¾⅛⅜⅝⅞]/i.test(text) && !uk.test(text)
}

/** One statement. The lines of a table come first: they look like nothing else. */
function readClause(reading: Reading, whole: Clause): void {
  if (readHeading(reading, whole)) return
  const clause = withoutCaption(reading, whole)
  const wasTold = reading.isRoleTold
  const rest = afterHeading(reading, clause.text)
  if (rest === '' || isRoleAlone(rest)) return
  // “Lining 1.1 m of 140 cm. Tweed or denim.”: the second is said of the main fabric.
  if (wasTold && reading.isRoleTold) [reading.role, reading.isRoleTold] = ['main', false]
  const { cloth, notions } = apart(clause)
  const rows = lengthsIn(cloth, reading.table)
  if (rows.length > 0) {
    reading.notions.push(...notions)
    const roles = isAnother(reading, cloth) ? (['contrast'] as const) : rolesOf(reading, clause.text)
    for (const { role: own, ...row } of rows) {
      const all = row.size === null ? [row] : sizesCalled(row.size).map((size) => ({ ...row, size }))
      for (const role of own ? [own] : roles)
        roleRead(reading, role).lengths.push(...all.map((one) => ({ ...one, from: whole.written })))
    }
    if (reading.garment === null) readGarment(reading, rest)
    if (hasMore(cloth)) reading.notRead.push(whole.written)
    reading.isRoleTold = reading.role !== 'main' && rest !== clause.text
    // Of several fabrics in one line nobody knows which a word is said of.
    if (rows.every(({ role }) => role === undefined)) readFabric(reading, { ...clause, text: withoutView(rest) })
    return
  }
  const isUnderstood = readNeeds(reading, { ...clause, text: withoutView(rest) })
  // What looks like fabric by the length and was not read is told, whatever else the line said.
  noteWidth(reading, rest)
  if (isUnderstood && !looksLikeLengths(rest, notions.length > 0)) return
  reading.notRead.push(whole.written)
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
  const items = clause.written.split(/,(?= )| and (?=\d)/)
  const isNotion = (item: string) => NOTION_PATTERNS.some(([pattern]) => pattern.test(item.toLowerCase()))
  const cloth = items.filter((item) => !isNotion(item))
  const rest = items.filter(isNotion).join(',')
  return {
    cloth: cloth.join(','),
    notions: rest === '' ? [] : notionsIn({ ...clause, text: plainText(rest).toLowerCase(), written: rest }).notions,
  }
}
