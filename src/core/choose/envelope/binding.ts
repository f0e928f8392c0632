import { type Role } from '../../vocabulary/choosing'
import { type EnvelopeColumns } from './columns'
import { NOTION_PATTERNS } from './lexicon'
import { type EnvelopeMark, type MarkedText, type ValueMark } from './marks'
import { type Span } from './spans'
import { itemAt } from '../../lists/items'

/** What a length is of; null where its line does not say. */
export interface Keys {
  sizes: string[] | null
  views: string[] | null
  widthsMm: number[] | null
  nap: boolean | null
  roles: Role[] | null
}

export const NO_KEYS: Keys = { sizes: null, views: null, widthsMm: null, nap: null, roles: null }

/** Lengths that stand side by side, and what each is of; null where they do not fit their columns. */
export interface Bound {
  values: ValueMark[]
  keys: Keys[] | null
}

type Key = Exclude<EnvelopeMark, ValueMark>
type Kind = Key['is']

/** Marks of one kind with nothing else between them. */
interface Group extends Span {
  is: Kind
  marks: Key[]
  item: number
}

interface Run extends Span {
  values: ValueMark[]
  item: number
}

/** What is between items of a list. */
const ITEM_END = /[,;]\s|\band\b|\bplus\b|\bor\b|\s[+&/]\s/g
const ONLY_BLANKS = /^[\s,/|()-]*$/
/** “2.1, 2.2 and 2.3 m”, the unit behind the last. */
const BLANKS_OR_AND = /^(?:[\s,/|()-]|\band\b)*$/

/**
 * What each length of a line is of. A line is read as items; a size, a view, a width, a nap or a fabric in the item of
 * a length is of it, else what stands before it, or behind it where such things stand behind the first length.
 */
export function bindLengths({ marks, rest, text, hasWords }: MarkedText, columns: EnvelopeColumns | null): Bound[] {
  const runs = runsOf(marks, rest)
  if (runs.length === 0) return []
  const isInRun = ({ at, end }: Span) => runs.some((run) => run.at <= at && end <= run.end)
  const isInKey = ({ at, end }: Span) => marks.some((mark) => mark.at <= at && end <= mark.end)
  const ends = [...text.matchAll(ITEM_END)]
    .map(({ 0: whole, index }) => ({ at: index, end: index + whole.length }))
    .filter((end) => !isInRun(end) && !isInKey(end))
    .map(({ at }) => at)
  const itemOf = (at: number) => ends.filter((end) => end <= at).length
  for (const run of runs) run.item = itemOf(run.at)
  const groups = groupsOf(marks, itemOf)
  const starts = [0, ...ends]
  const isFabric = ({ item }: Run) => {
    // “Felt for pompoms” is felt.
    const words = text.slice(starts[item], ends[item] ?? text.length).replace(/(?<=\w\s)for\b.*$/, '')
    return !NOTION_PATTERNS.some(([pattern]) => pattern.test(words))
  }
  // “For 1 curtain”: among words a number without a unit is a count.
  const hasUnits = runs.some(hasUnit)
  const ofFabric = runs.filter((run) => isFabric(run) && (!hasWords || !hasUnits || hasUnit(run) || !isCount(run)))
  const isBehind = (is: Kind) => {
    const first = groups.find((group) => group.is === is)
    return first !== undefined && first.at > (ofFabric[0]?.at ?? 0)
  }
  return ofFabric.map((run) => {
    const roles = rolesOf(run, {
      groups,
      runs: ofFabric,
      text,
      isNamed: /[a-z]{3,}/.test(rest.slice(starts[run.item], run.at)),
    })
    const find = (is: Kind) => nearest(is, run, { groups, isBehind: isBehind(is), runs: ofFabric, text })
    const found = (['size', 'view', 'width', 'nap'] as const).flatMap((is) => find(is) ?? [])
    return { values: run.values, keys: keysOf(run, found, { roles, columns }) }
  })
}

const gap = ({ unit }: ValueMark) => (unit === undefined ? BLANKS_OR_AND : ONLY_BLANKS)
const isCount = ({ values }: Run) => values.length === 1 && Number.isInteger(itemAt(values, 0).value)
const hasUnit = ({ values }: Run) => values.some(({ unit }) => unit !== undefined)

/** Lengths with nothing but commas between them. */
function runsOf(marks: readonly EnvelopeMark[], rest: string): Run[] {
  const runs: Run[] = []
  marks.forEach((mark, i) => {
    if (mark.is !== 'value') return
    const before = marks[i - 1]
    const last = runs.at(-1)
    const goesOn = before?.is === 'value' && last !== undefined && gap(before).test(rest.slice(before.end, mark.at))
    if (goesOn) {
      last.values.push(mark)
      last.end = mark.end
    } else runs.push({ values: [mark], at: mark.at, end: mark.end, item: 0 })
  })
  return runs
}

function groupsOf(marks: readonly EnvelopeMark[], itemOf: (at: number) => number): Group[] {
  const groups: Group[] = []
  marks.forEach((mark, i) => {
    if (mark.is === 'value') return
    const last = groups.at(-1)
    if (marks[i - 1]?.is === mark.is && last) {
      last.marks.push(mark)
      last.end = mark.end
    } else groups.push({ is: mark.is, marks: [mark], at: mark.at, end: mark.end, item: itemOf(mark.at) })
  })
  return groups
}

interface Around {
  groups: readonly Group[]
  /** Whether what is of this kind stands behind its lengths. */
  isBehind: boolean
  runs: readonly Run[]
  text: string
}

/** The group of a kind that a run is of. */
function nearest(is: Kind, run: Run, { groups, isBehind, runs, text }: Around): Group | undefined {
  const all = groups.filter((group) => group.is === is)
  const own = all.filter(({ item }) => item === run.item)
  const before = (list: readonly Group[]) => list.findLast(({ at }) => at < run.at)
  const behind = (list: readonly Group[]) => list.find(({ at }) => at > run.at)
  if (own.length === 1 && runs.filter(({ item }) => item === run.item).length === 1) return own[0]
  if (own.length > 0) return isBehind ? (behind(own) ?? before(own)) : (before(own) ?? behind(own))
  // “1 yd of 45 in lawn, 3 yd of lace”: a width that has a length of its own is of no other fabric.
  const isOfSize = groups.some((group) => group.item === run.item && (group.is === 'size' || group.is === 'view'))
  const isOfBoth = ({ at }: Group) => /\b(?:both|each|all)\b[^,;]{0,8}$/.test(text.slice(0, at))
  const isFree = (group: Group) =>
    is !== 'width' || isOfSize || isOfBoth(group) || !runs.some(({ item }) => item === group.item)
  const free = isBehind ? all.filter(isFree) : all
  return isBehind ? (behind(free) ?? before(free)) : before(free)
}

/** The fabrics that a run is of: those of its item, else those that the line said last before any length. */
function rolesOf(
  run: Run,
  { groups, runs, text, isNamed }: Omit<Around, 'isBehind'> & { isNamed: boolean },
): Role[] | null {
  const roles = groups.filter(({ is }) => is === 'role')
  const inItem = runs.filter(({ item }) => item === run.item)
  const own = roles.filter(({ item }) => item === run.item)
  const isLeading = own.length > 0 && itemAt(own, 0).at < itemAt(inItem, 0).at
  const found =
    own.length === 0
      ? // Said before the lengths of its item, or in an item without any.
        // What has a name of its own is of no role that came before.
        isNamed
        ? undefined
        : roles.findLast(({ at, item }) => {
            const [first] = runs.filter((one) => one.item === item)
            return at < run.at && (first === undefined || at < first.at)
          })
      : isLeading
        ? own.findLast(({ at }) => at < run.at)
        : (own.find(({ at }) => at > run.at) ?? own.at(-1))
  if (!found) return null
  const all = found.marks.flatMap((mark) => (mark.is === 'role' ? mark : []))
  // “Outer and lining” are two, “contrast lining” is a lining.
  const areJoined = all.every(
    (one, i) => i === 0 || /\band\b|&|\/|\+|,/.test(text.slice(itemAt(all, i - 1).end, one.at)),
  )
  return [...new Set((areJoined ? all : all.slice(-1)).map(({ role }) => role))]
}

/** What each length of a run is of; null where there are not as many of anything. */
function keysOf(
  { values }: Run,
  found: readonly Group[],
  { roles, columns }: { roles: Role[] | null; columns: EnvelopeColumns | null },
): Keys[] | null {
  const many = values.length
  const inLine = found.filter(({ marks }) => cellsOf(marks).length === many && many > 1)
  const ofAll = found
    .filter((group) => !inLine.includes(group))
    .reduce<Keys>((keys, { marks }) => marks.reduce(withKey, keys), { ...NO_KEYS, roles })
  if (inLine.length > 1) return null
  const [listed] = inLine
  if (listed) {
    const cells = cellsOf(listed.marks)
    return values.map((_, i) => withKey(ofAll, itemAt(cells, i)))
  }
  const list = columns?.list ?? []
  if (many === 1 && list.length !== 1) {
    // One length below columns of widths is of nobody knows which.
    const isOfAll = ofAll.widthsMm !== null || list.every(({ widthMm }) => widthMm === null)
    return isOfAll ? [ofAll] : null
  }
  if (list.length !== many) return null
  return list.map(({ size, view, widthMm, nap }) => ({
    sizes: ofAll.sizes ?? (size === null ? null : [size]),
    views: ofAll.views ?? (view === null ? null : [view]),
    widthsMm: ofAll.widthsMm ?? (widthMm === null ? null : [widthMm]),
    nap: ofAll.nap ?? nap,
    roles,
  }))
}

/** A list of sizes or views in one mark as a mark each. */
function cellsOf(marks: readonly Key[]): Key[] {
  return marks.flatMap((mark): Key[] => {
    if (mark.is === 'size')
      return mark.names === null ? [mark] : mark.names.map((name) => ({ ...mark, names: [name] }))
    return mark.is === 'view' ? mark.views.map((view) => ({ ...mark, views: [view] })) : [mark]
  })
}

function withKey(keys: Keys, mark: Key): Keys {
  switch (mark.is) {
    case 'size':
      return mark.names === null ? keys : { ...keys, sizes: [...(keys.sizes ?? []), ...mark.names] }
    case 'view':
      return { ...keys, views: [...(keys.views ?? []), ...mark.views] }
    case 'width':
      return { ...keys, widthsMm: [...(keys.widthsMm ?? []), mark.mm] }
    case 'nap':
      return { ...keys, nap: keys.nap ?? mark.nap }
    case 'role':
      return keys
  }
}
