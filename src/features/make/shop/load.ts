import { wouldDo } from '@/core/choose/fit/steps'
import { familiarWeights } from '@/core/cloths/familiar'
import { sizesIn } from '@/core/choose/envelope/lengths'
import { fullNeed } from '@/core/choose/need/need'
import { type Need } from '@/core/notebook/schemas/need'
import { formatWeightRange, type UnitSystem } from '@/core/units/format'
import { BODIES } from '@/core/vocabulary/cloth'
import { AVOID_WORDS, type Role, ROLE_WORDS } from '@/core/vocabulary/choosing'
import { type Vocabulary, wordFor } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { listPatterns, type KeptPattern } from '@/server/records/patterns'
import { bestFor, isReady, verdictFor } from '@/server/cache/ranks'
import { shelfOf, type Shelf } from '@/server/cache/shelf'
import { isFinished, listProjects, type ProjectWhole } from '@/server/records/projects'
import { enoughFor, toBuy, type MakingAsked } from '@/core/making/enoughFor'
import { loadReservations, type Reservations } from '@/server/records/reservations'
import { needWords, partnerWords } from '../patterns/needWords'
import { CARDS_SHOWN, OTHERS_SHOWN } from './cardsShown'
import { firstFew, itemAt, mustHave } from '@/core/lists/items'

interface Preferences {
  units: UnitSystem
  words: Vocabulary
}

/** Pieces that one has already, for each pattern. */
const HAVE = 3

/** The patterns on the list, as one needs them before a shelf of cloth. */
export async function loadShop(
  preferences: Preferences,
  sizes: Readonly<Record<string, string>> = {},
  show = { projects: CARDS_SHOWN, others: OTHERS_SHOWN },
) {
  const db = await notebook()
  const [patterns, shelf, projects] = await Promise.all([
    listPatterns(db),
    shelfOf(db, preferences.words),
    listProjects(db),
  ])
  const reservations = await loadReservations(db, shelf, projects)
  const open = projects.filter(({ project }) => !isFinished(project.data))
  const missing = open.flatMap((whole) => missingFor(whole, patterns, shelf, reservations) ?? [])
  // A pattern that a project is made by is listed for that project: in its size, view and number.
  const inProjects = new Set(open.map(({ project }) => project.data.patternId))
  const onList = patterns.filter((pattern) => pattern.onList && !inProjects.has(pattern.id))
  const others = patterns.filter((pattern) => !pattern.onList)
  return {
    familiar: familiarWeights(preferences.words),
    projects: missing.slice(0, show.projects),
    others: others.slice(0, show.others).map(({ id, name }) => ({ id, name })),
    of: { projects: missing.length, others: others.length },
    patterns: await Promise.all(
      onList.map((pattern) => shopSheet(pattern, { shelf, reservations }, preferences, sizes[pattern.id] ?? '')),
    ),
  }
}

/** Fabrics of a project that are to be bought, or are not enough; and its notions that are not there yet. */
function missingFor(whole: ProjectWhole, patterns: readonly KeptPattern[], shelf: Shelf, reservations: Reservations) {
  const {
    project: { id, data },
    cloths,
  } = whole
  const pattern = patterns.find((one) => one.id === data.patternId)
  if (!pattern) return undefined
  const making: MakingAsked = { size: data.size, view: data.view, copies: data.copies, pieces: pattern.pieces }
  const places = [
    { role: 'main' as const, label: '', lengths: pattern.lengths, need: pattern.need },
    ...pattern.partners.map(({ role, label, lengths, need }) => ({ role, label, lengths, need: { ...need, role } })),
  ]
  const fabrics = places.flatMap((place) => {
    const chosen = cloths.find((cloth) => cloth.data.role === place.role && cloth.data.label === place.label)
    if (chosen && chosen.data.pieceId === null && chosen.data.was !== '') return []
    const gist = chosen?.data.pieceId ? shelf.find(chosen.data.pieceId) : undefined
    const held = chosen && gist && reservations.held(whole, chosen, gist)
    const answer = gist && enoughFor(gist, place.lengths, making, held?.left)
    if (gist && (held?.layout || answer?.verdict !== 'short')) return []
    return [
      {
        title: place.label || ROLE_WORDS[place.role],
        wish: chosen?.data.wish ?? '',
        short: gist ? gist.name : null,
        looks: looksOf(place.need, place.role),
        rows: toBuy(place.lengths, making).map(inBar),
      },
    ]
  })
  const notions = pattern.notions.map(({ text }) => ({ text, isBought: data.bought.includes(text) }))
  if (fabrics.length === 0 && notions.every(({ isBought }) => isBought)) return undefined
  const says = [
    data.size && `size ${data.size}`,
    data.view && `view ${data.view}`,
    data.copies > 1 && `${data.copies} of it`,
  ]
  return { id, name: data.name, says: says.filter(Boolean).join(', '), fabrics, notions }
}

async function shopSheet(
  pattern: KeptPattern,
  { shelf, reservations }: { shelf: Shelf; reservations: Reservations },
  { units, words }: Preferences,
  asked: string,
) {
  const best = isReady(shelf, pattern) ? await bestFor(shelf, pattern) : []
  const sizes = sizesIn(pattern.lengths)
  // Of several sizes the person says which: a list of all of them would be bought wrongly.
  const size = sizes.includes(asked) ? asked : sizes.length === 1 ? itemAt(sizes, 0) : ''
  const isOpen = size === '' && sizes.length > 1
  const making: MakingAsked = { size, view: pattern.views[0] ?? '', copies: 1, pieces: pattern.pieces }
  const enoughOf = (id: string) =>
    isOpen ? null : reservations.enough(mustHave(shelf.find(id)), pattern.lengths, making)
  return {
    id: pattern.id,
    name: pattern.name,
    need: needWords(pattern.need, units, words),
    called: pattern.need.called ?? [],
    asks: numbersToAsk(pattern.need, units),
    avoid: (pattern.need.avoid ?? []).map((id) => wordFor(AVOID_WORDS[id], words)),
    sizes,
    size,
    looks: looksOf(pattern.need, 'main'),
    rows: isOpen ? [] : toBuy(pattern.lengths, making).map(inBar),
    partners: pattern.partners.map((partner) => ({
      title: partner.label || ROLE_WORDS[partner.role],
      asks: partnerWords(partner, units),
    })),
    notions: pattern.notions.map(({ text }) => text),
    have: firstFew(best, HAVE, ({ id }) => {
      return enoughOf(id)?.verdict !== 'short' && wouldDo(verdictFor(shelf, pattern, id))
    }).map(({ id }) => ({ id, name: mustHave(shelf.find(id)).name })),
  }
}

/** What one sees fall on the finished garment. */
const SEEN_TO_FALL: ReadonlySet<Role> = new Set(['main', 'contrast', 'lining'])

/** What is looked for, as it is drawn: the weight on its scale, and how it may fall. */
function looksOf(need: Need, role: Role) {
  const { gsm, body } = fullNeed(need)
  return { gsm, bodies: SEEN_TO_FALL.has(role) && body.length < BODIES.length ? [...body] : [] }
}

/** A length to buy, in numbers for its bar. */
const inBar = ({ widthMm, says }: ReturnType<typeof toBuy>[number]) => ({
  widthMm,
  lengthMm: says.metres * 1000,
  text: says.text,
})

/** What to ask the seller for a need, in numbers. */
function numbersToAsk(need: Need, units: UnitSystem): string[] {
  const { gsm, stretchWidth, opacity, structure } = fullNeed(need)
  const other = units === 'metric' ? 'imperial' : 'metric'
  return [
    `Weight: ${formatWeightRange(gsm, units)} (${formatWeightRange(gsm, other)})`,
    ...(stretchWidth[0] > 0
      ? [`10 cm must stretch to at least ${(10 * (1 + stretchWidth[0] / 100)).toFixed(1)} cm`]
      : []),
    ...(structure === 'either' ? [] : [`It has to be ${structure === 'knit' ? 'a knit' : 'woven'}`]),
    ...(opacity.length === 1 && opacity[0] === 'opaque' ? ['Must be opaque in a single layer'] : []),
    'Width, edge to edge; was it washed?',
  ]
}
