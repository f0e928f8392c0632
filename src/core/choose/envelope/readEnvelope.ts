import { AVOID_WORDS, type Avoid, type Garment, type Role } from '../../vocabulary/choosing'
import { wordFor } from '../../vocabulary/words'
import { clausesOf, LONGEST_CLAUSE, type Clause } from './clauses'
import { settleContradictions } from './contradictions'
import { clothsIn } from './facts'
import { firstGarment, readFabric, readGarment, readNeeds, settleStructures } from './fabricNeeds'
import { afterHeading, ALL_HEAD, FABRICS_HEAD, NOTIONS_HEAD, readHeading, withoutCaption } from './headings'
import { NOTION_PATTERNS, ROLE_PATTERNS } from './lexicon'
import { namesRole } from './marks'
import { measuresIn, withoutRestated } from './measures'
import { starsIn } from './naps'
import { notionsIn, type EnvelopeNotion } from './notions'
import { plainText } from './numbers'
import { roleRead, type EnvelopeReading, type RoleRead } from './reading'
import { sizesCalled, sizesOfAll } from './sizes'
import { NO_CONTEXT, rowIn, type TableContext, type TableLength } from './table'
import { itemAt, mustHave } from '../../lists/items'

/** An envelope, read. */
export interface EnvelopeRead {
  garment: Garment | null
  roles: RoleRead[]
  notions: EnvelopeNotion[]
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
  const reading: EnvelopeReading = {
    garment: null,
    roles: new Map(),
    role: 'main',
    table: { ...NO_CONTEXT, stars: starsIn(text) },
    inNotions: false,
    headed: null,
    open: [],
    below: null,
    isByAge: BY_AGE.test(text),
    sizes: sizesOfAll(text),
    line: 0,
    widthOfLine: null,
    widthOfAll: null,
    captionLine: -1,
    isRoleTold: false,
    notions: [],
    avoid: new Set(),
    notRead: [],
    structures: new Map(),
    isAmerican: isAmerican(text),
  }
  const clauses = clausesOf(text)
  for (const clause of clauses)
    if (clause.written.length > LONGEST_CLAUSE) reading.notRead.push(clause.written)
    else readClause(reading, clause)
  readOpen(reading)
  settleContradictions(reading)
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
function noteWidth(reading: EnvelopeReading, text: string): boolean {
  const [width, ...others] = withoutRestated(measuresIn(text), text)
  const isAlone = width?.is === 'width' && width.isSaidWide === true && others.length === 0
  if (!isAlone) return false
  const widthMm = Math.round(mustHave(width.mm))
  reading.table = { ...reading.table, widthMm }
  const isFirst = [...reading.roles.values()].every(({ lengths }) => lengths.length === 0)
  if (isFirst && reading.role === 'main') reading.widthOfAll = widthMm
  return true
}

/** Whether a line has a measure that may be of fabric. */
function looksLikeLengths(text: string): boolean {
  return measuresIn(text).some(({ is, unit }) => is !== 'bare' && unit !== 'mm')
}

/** “…; tulle 6 m at 280 cm”: fabric with a length of its own, beside a main one that has other names. */
function isAnother(reading: EnvelopeReading, cloth: string, rows: readonly TableLength[]): boolean {
  const main = reading.roles.get('main')
  if (reading.role !== 'main' || !main || main.lengths.length === 0) return false
  const isOtherView = rows.every(({ view }) => view !== null && !main.lengths.some((one) => one.view === view))
  // A row of a table is of the same thing in another fabric.
  const isOfTable = rows.length > 1 && rows.length === reading.table.columns?.list.length
  // “Satin 1.2 m; or felt 1 m”.
  if (isOtherView || isOfTable || /^or\b/i.test(cloth)) return false
  const named = clothsIn(plainText(cloth).toLowerCase()).flatMap((one) => one.cloth?.id ?? [])
  const known = (main.need.called ?? []).flatMap((word) => clothsIn(word).flatMap((one) => one.cloth?.id ?? []))
  return known.length > 0 && named.length > 0 && named.every((id) => !known.includes(id))
}

const isLabel = (view: string | null) => view !== null && view.length > 1

/** Things by whose names lengths are told: “Dress”, “Jacket”. One alone is no view. */
function labelsIn({ roles }: EnvelopeReading): Set<string | null> {
  return new Set(
    [...roles.values()].flatMap(({ lengths }) => lengths.map(({ view }) => view)).filter((view) => isLabel(view)),
  )
}

/** A first line of a few words that says nothing of fabric or lengths: the name of the pattern. */
function nameOf(text: string, { notRead, garment }: EnvelopeReading): string | null {
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

/** “1.5 m of 150 cm for size 8; 2 m for size 10”: the width goes on to the end of the line. */
function noteWidthOfLine(reading: EnvelopeReading, rows: readonly TableLength[]): void {
  const [first, ...others] = new Set(rows.map(({ widthMm }) => widthMm))
  if (others.length > 0 || (reading.table.widthMm !== null && reading.widthOfLine === null)) return
  reading.widthOfLine = mustHave(first)
  reading.table = { ...reading.table, widthMm: mustHave(first) }
}

/** What a line with lengths says beside them. */
function readRest(
  reading: EnvelopeReading,
  { clause, rest, cloth, hasRoles }: { clause: Clause; rest: string; cloth: string; hasRoles: boolean },
): void {
  const items = cloth.split(/,(?= )/).map((item) => item.trim())
  // “8 buttons, 2 cuff links”: a count of something that has no name here.
  const isCounted = (item: string) =>
    /^\d{1,2} (?!inch|yard|met)[a-z]{3,}[a-z ]*$/i.test(item) && clothsIn(item.toLowerCase()).length === 0
  reading.notRead.push(...items.slice(1).filter(isCounted))
  // Of several fabrics in one line what names no other is said of the first.
  const own = items.filter((item) => !namesRole(item)).join(', ')
  const text = hasRoles ? plainText(own).toLowerCase() : rest
  if (text !== '') readFabric(reading, { ...clause, text: withoutView(text) })
}

/** Keeps the lengths of a line, each with the line that it comes from. */
function keep(
  reading: EnvelopeReading,
  { whole }: { whole: string },
  { rows, roles }: { rows: readonly TableLength[]; roles: readonly Role[] },
): void {
  // “Sizes 1-3” and “4-6”: where one is odd they go by ones.
  const isByAge = reading.isByAge || rows.some(({ size }) => size !== null && ODD.test(size))
  for (const { role: own, ...row } of rows) {
    const sizes = row.size === null ? [null] : sizesCalled(row.size, { isByAge, all: reading.sizes })
    const all = sizes.map((size) => ({ ...row, size }))
    for (const role of own ? [own] : roles)
      roleRead(reading, role).lengths.push(...all.map((one) => ({ ...one, from: whole })))
  }
}

const ODD = /^\d?[13579](?!\d)/
const BY_AGE = /\b(?:ages?|aged|child(?:ren)?|kids?|girls?|boys?|toddlers?|baby|babies|years?|yrs?)\b/i

/** Rows whose columns are headed below them: that heading is the last of the table. */
function readOpen(reading: EnvelopeReading): void {
  const { columns = null, widthMm = null } = reading.below ?? {}
  for (const { clause, role, table } of reading.below ? reading.open : []) {
    const below = { ...table, columns: table.columns ?? columns, widthMm: table.widthMm ?? widthMm }
    const { lengths } = rowIn(clause.written, below, true)
    if (lengths.length === 0) continue
    keep(reading, clause, { rows: lengths, roles: [role] })
    reading.notRead = reading.notRead.filter((one) => one !== clause.whole)
  }
}

/** Numbers, units and what is said of a width, and no more. */
const IS_ROW = new RegExp(
  String.raw`^(?:[\d\s./,|:*"()½⅓⅔¼¾⅛⅜⅝⅞-]|` +
    String.raw`(?<![a-z])(?:cms?|mm|m|in|inch(?:es)?|yds?|yards?|wide|fabrics?|with(?:out)?|or|nap|` +
    String.raw`sizes?|ages?|years?|yrs?|all|for|to|up|uk|us|eu|[1-6]?x{0,3}[sml])(?![a-z]))+$`,
)

/** “Net: 6 m of 137 cm”, “Gabardine, linen.” behind the lengths of a lining: of no lining. */
function isOfMain({ role, roles, inNotions }: EnvelopeReading, text: string): boolean {
  if (role === 'main' || inNotions || !roles.get(role)?.lengths.length) return false
  const [head = ''] = /^[^:\d]+:(?=.*\d)/.exec(text) ?? (/\d/.test(text) ? [] : [text])
  return clothsIn(head.replace(':', '')).length > 0 && !namesRole(head)
}

/** One statement. The lines of a table come first: they look like nothing else. */
function readClause(reading: EnvelopeReading, whole: Clause): void {
  if (readHeading(reading, whole)) return
  reading.headed = null
  const clause = { ...withoutCaption(reading, whole), whole: whole.written }
  // The row of another width of the same fabric says no more than that.
  const wasTold = reading.isRoleTold && !IS_ROW.test(clause.text)
  if (isOfMain(reading, clause.text)) reading.role = 'main'
  const rest = afterHeading(reading, clause.text)
  if (rest === '' || isRoleAlone(rest)) return
  // “Lining 1.1 m of 140 cm. Tweed or denim.”: the second is said of the main fabric.
  if (wasTold && reading.isRoleTold) [reading.role, reading.isRoleTold] = ['main', false]
  const parts = fabricsOf(reading, clause)
  if (parts.length > 1) {
    for (const written of parts) readClause(reading, { ...clause, written, text: plainText(written).toLowerCase() })
    return
  }
  const { cloth, notions } = apart(clause)
  const { lengths: rows, isOpen, isWhole } = rowIn(cloth, tableOf(reading, clause, cloth))
  if (rows.length > 0) {
    reading.notions.push(...notions)
    keep(reading, clause, {
      rows,
      roles: isAnother(reading, cloth, rows) ? ['contrast'] : rolesOf(reading, clause.text),
    })
    // Columns that head these rows head none above.
    if (reading.table.columns !== null) reading.open = []
    if (reading.garment === null) readGarment(reading, rest)
    if (!isWhole) reading.notRead.push(clause.whole)
    noteWidthOfLine(reading, rows)
    reading.isRoleTold = reading.role !== 'main' && rest !== clause.text
    readRest(reading, { clause, rest, cloth, hasRoles: rows.some(({ role }) => role !== undefined) })
    return
  }
  if (isOpen) {
    reading.open.push({ clause: { ...clause, written: cloth }, role: reading.role, table: reading.table })
    reading.below = null
  }
  const isUnderstood = readNeeds(reading, { ...clause, text: withoutView(rest) })
  // What looks like fabric by the length and was not read is told, whatever else the line said.
  const isWidth = noteWidth(reading, rest)
  if (isUnderstood && (isWidth || !looksLikeLengths(notionsIn({ ...clause, text: rest }).others.join(', ')))) return
  reading.notRead.push(whole.written)
}

/** What stands above a line: views of the rows above are not those of another fabric. */
function tableOf({ table, role, captionLine }: EnvelopeReading, { line }: Clause, cloth: string): TableContext {
  if (namesRole(cloth) && role === 'main' && captionLine !== line) return { ...table, views: [] }
  return role === 'interfacing' || role === 'binding' ? { ...table, isNarrow: true } : table
}

/** “6 yd satin 45 in wide, 3 yd net 54 in wide”: fabrics of one line, each with its own width and name. */
function fabricsOf({ table }: EnvelopeReading, { written }: Clause): string[] {
  const items = written.split(/, (?=\d)/)
  const fabrics = items.filter((item) => rowIn(item, table).lengths.length === 1)
  const names = fabrics.map((item) => clothsIn(plainText(item).toLowerCase())[0]?.cloth?.id)
  const areOther = names.every((name) => name !== undefined) && new Set(names).size === fabrics.length
  return areOther && fabrics.length > 1 ? items : [written]
}

/** “View A: …”: what is said of the fabric is said behind it. */
const withoutView = (text: string) => text.replace(/^views?\s+[a-z0-9]{1,3}\b\s*[:,]?\s*/, '')

/** The roles that a row is of: “outer and lining, 1 m of each” is of both. */
function rolesOf(reading: EnvelopeReading, text: string): Role[] {
  const isBoth =
    /\b(?:outer|main|self|shell|exterior)\b[^,;.\d]*(?:\band\b|&|\/)\s*lining\b/.test(text) ||
    /\blining\s*(?:and|&)\s*(?:outer|main|shell)\b/.test(text)
  return isBoth ? ['main', 'lining'] : [reading.role]
}

/** “Felt for pompoms” is felt. */
const withoutPurpose = (item: string) => item.replace(/(?<=\w\s)for\b.*$/, '')
const IS_MEASURE = /^[\d\s./½⅓⅔¼¾⅛⅜⅝⅞-]+(?:cm|mm|m|"|in|yds?)?\s*$/

/** “1.2 m of 140 cm wide canvas, 3 m tape”: the cloth of a line, and the notions that stand behind it. */
function apart(clause: Clause): { cloth: string; notions: EnvelopeNotion[] } {
  const items = clause.written.split(/,(?= )| and (?=\d)/)
  const isNotion = (item: string) =>
    NOTION_PATTERNS.some(([pattern]) => pattern.test(withoutPurpose(item.toLowerCase())))
  // “Elastic 25 mm wide, 50-60 cm”: a measure alone is of what stands before it.
  const ofNotions = items.map(
    (item, i) => isNotion(item) || (i > 0 && isNotion(itemAt(items, i - 1)) && IS_MEASURE.test(item)),
  )
  const cloth = items.filter((_, i) => !ofNotions[i])
  const rest = items.filter((_, i) => ofNotions[i]).join(',')
  return {
    cloth: rest === '' ? clause.written : cloth.join(', '),
    notions: rest === '' ? [] : notionsIn({ ...clause, text: plainText(rest).toLowerCase(), written: rest }).notions,
  }
}
