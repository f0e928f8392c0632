import { bestSets, mayServe, type SetCandidate } from '@/core/choose/set/bestSets'
import { type Partner } from '@/core/choose/set/types'
import { match, matchScore } from '@/core/choose/match'
import { byRank } from '@/core/choose/rank'
import { sizesIn } from '@/core/choose/envelope/lengths'
import { lessonOf } from '@/core/making/lessons'
import { type UnitSystem } from '@/core/units/format'
import { ROLE_WORDS, type Role } from '@/core/vocabulary/choosing'
import { type Vocabulary } from '@/core/vocabulary/words'
import { pieceWords } from '@/features/shared/stash/describe'
import { notebook } from '@/server/database'
import { findPattern, listPatterns, type KeptPattern } from '@/server/records/patterns'
import { listProjects, reservedBy, wornOf } from '@/server/records/projects'
import { bestFor, isReady, verdictFor, workOutAhead } from '@/server/cache/ranks'
import { gistOfEntry } from '@/server/cache/remember'
import { shelfOf, type Shelf } from '@/server/cache/shelf'
import { findRecord } from '@/server/store/repository'
import { readStashEntry } from '@/server/records/stash'
import { drawnAs } from '@/ui/cloth/drawnAs'
import { type PieceSummary } from '@/core/stashSearch/pieceSummary'
import { enoughFirst, toBuy, type MakingAsked } from '@/core/making/enoughFor'
import { loadReservations, type Reservations } from '@/server/records/reservations'
import { draftOnFigure } from '../holding/draftOnFigure'
import { needWords, partnerWords } from './needWords'
import { ON_BOARD, PATTERNS_LISTED } from './onBoard'
import { firstFew, mustHave } from '@/core/lists/items'

interface Preferences {
  units: UnitSystem
  words: Vocabulary
}

/** Pieces of the stash that stand beside a pattern in the list. */
const BEST_SHOWN = 3

/** The first patterns with the pieces that suit each best; null where that is not worked out yet. */
export async function loadPatterns({ units, words }: Preferences, show = PATTERNS_LISTED) {
  const db = await notebook()
  const [patterns, shelf] = await Promise.all([listPatterns(db), shelfOf(db, words)])
  const reservations = await loadReservations(db, shelf)
  workOutAhead(shelf, patterns)
  const rows = await Promise.all(
    patterns.slice(0, show).map(async (pattern) => ({
      id: pattern.id,
      name: pattern.name,
      need: needWords(pattern.need, units, words),
      best: isReady(shelf, pattern)
        ? enoughFirst(await bestFor(shelf, pattern), ({ id }) =>
            reservations.enough(mustHave(shelf.find(id)), pattern.lengths, firstOf(pattern)),
          )
            .slice(0, BEST_SHOWN)
            .map(({ one: { id } }) => {
              const { name, weave, look, picture } = mustHave(shelf.find(id))
              const verdict = verdictFor(shelf, pattern, id)
              return { id, name, tile: drawnAs(weave, look), picture, verdict }
            })
        : null,
    })),
  )
  return { rows, of: patterns.length }
}

/** Its first size and view, once: what is asked for where nobody chose. */
function firstOf({ lengths, views, pieces }: KeptPattern): MakingAsked {
  return { size: sizesIn(lengths)[0] ?? '', view: views[0] ?? '', copies: 1, pieces }
}

/**
 * One pattern with the best of the stash, the best first; whether each is enough, who keeps it back, what was made of
 * such cloth before.
 * @returns undefined where there is no such pattern
 */
export async function loadPattern(
  id: string,
  { units, words }: Preferences,
  asked: { size: string; view: string; show?: number },
) {
  const db = await notebook()
  const pattern = await findPattern(db, id)
  if (!pattern) return undefined
  const [shelf, projects] = await Promise.all([shelfOf(db, words), listProjects(db)])
  const reservations = await loadReservations(db, shelf, projects)
  const [reserved, worn] = [reservedBy(projects), wornOf(projects, shelf)]
  const sizes = sizesIn(pattern.lengths)
  const first = firstOf(pattern)
  const making: MakingAsked = {
    ...first,
    size: sizes.includes(asked.size) ? asked.size : first.size,
    view: pattern.views.includes(asked.view) ? asked.view : first.view,
  }
  const best = enoughFirst(await bestFor(shelf, pattern), ({ id: pieceId }) =>
    reservations.enough(mustHave(shelf.find(pieceId)), pattern.lengths, making),
  )
  const rows = best.slice(0, asked.show ?? ON_BOARD).map(({ one: { id: pieceId }, enough }) => {
    const gist = mustHave(shelf.find(pieceId))
    return {
      id: pieceId,
      title: gist.name,
      href: `/stash/${pieceId}`,
      under: pieceWords(gist, units, words),
      match: match(pattern.need, gist.offer, units),
      enough,
      keptBy: reserved.get(pieceId) ?? null,
      lesson: lessonOf(gist.cloth, worn),
      ...draftOnFigure(gist),
      clothName: gist.name,
    }
  })
  return {
    ...toldOf(pattern, { units, words }),
    making,
    sizes,
    rows,
    sets: await setsOf(pattern, shelf, making, reservations),
    /** Fabrics that stand in the order of the best, and those beyond. */
    of: { ranked: best.length, others: shelf.size - best.length },
  }
}

/** What is written down of a pattern, as its page shows it. */
function toldOf(pattern: KeptPattern, { units, words }: Preferences) {
  return {
    id: pattern.id,
    name: pattern.name,
    notes: pattern.notes,
    garment: pattern.need.garment ?? null,
    details: pattern.need.details ?? [],
    need: needWords(pattern.need, units, words),
    called: pattern.need.called ?? [],
    lengths: pattern.lengths,
    views: pattern.views,
    notions: pattern.notions,
    pictures: pattern.pictures,
    onList: pattern.onList,
    partners: pattern.partners.map((partner) => ({
      role: partner.role,
      title: partner.label || ROLE_WORDS[partner.role],
      asks: partnerWords(partner, units),
      lengths: partner.lengths,
    })),
  }
}

const PARTNERS: readonly Role[] = ['lining', 'interfacing', 'wadding']
const CANDIDATES = 12

/** The best sets of the stash for a pattern that takes more than one cloth. */
async function setsOf(pattern: KeptPattern, shelf: Shelf, making: MakingAsked, reservations: Reservations) {
  const roles = [...new Set(pattern.partners.map(({ role }) => role))].filter((role) => PARTNERS.includes(role))
  const isEnough = (id: string, lengths: KeptPattern['lengths']) =>
    reservations.enough(mustHave(shelf.find(id)), lengths, making)?.verdict !== 'short'
  const mains = (await bestFor(shelf, pattern)).filter(({ id }) => isEnough(id, pattern.lengths))
  if (roles.length === 0 || mains.length === 0) return []
  const candidate = (id: string): SetCandidate => ({ id, offer: mustHave(shelf.find(id)).offer })
  const partners: Partial<Record<Partner, SetCandidate[]>> = {}
  for (const role of roles as Partner[]) {
    const asking = { ...pattern, id: `${pattern.id} ${role}`, need: { garment: pattern.need.garment, role } }
    const { lengths } = mustHave(pattern.partners.find((one) => one.role === role))
    const serves = (id: string) =>
      mayServe(role, mustHave(shelf.find(id)).offer) &&
      isEnough(id, lengths) &&
      verdictFor(shelf, asking, id) !== 'unsuitable'
    partners[role] = firstFew(await bestFor(shelf, asking), CANDIDATES, ({ id }) => serves(id)).map(({ id }) =>
      candidate(id),
    )
  }
  return bestSets({ need: pattern.need, mains: mains.slice(0, 6).map(({ id }) => candidate(id)), partners }).map(
    (set) => ({
      verdict: set.answer.verdict,
      score: set.answer.score,
      worst: set.answer.worst,
      care: set.answer.care.text,
      says: set.answer.pairs
        .filter(({ status }) => status === 'bad' || status === 'near')
        .slice(0, 3)
        .map(({ id, text }) => ({ id, text })),
      cloths: [['main', set.main] as const, ...(Object.entries(set.partners) as [Partner, string | null][])].map(
        ([role, pieceId]) => ({
          role: ROLE_WORDS[role],
          piece: pieceId === null ? null : shownPiece(mustHave(shelf.find(pieceId))),
          buy: pieceId === null ? buyWords(pattern, role) : '',
        }),
      ),
    }),
  )
}

function buyWords(pattern: KeptPattern, role: Role): string {
  const partner = pattern.partners.find((one) => one.role === role)
  const [first] = partner ? toBuy(partner.lengths, { size: '', view: '', copies: 1, pieces: null }) : []
  return first ? `to buy: ${first.says.text}` : 'to buy'
}

function shownPiece(gist: PieceSummary) {
  return { id: gist.id, name: gist.name, tile: drawnAs(gist.weave, gist.look) }
}

/** A pattern as its form needs it. @returns undefined where there is no such pattern */
export async function loadPatternForm(id: string) {
  const found = await findRecord(await notebook(), 'pattern', id)
  return found && { id, revision: found.revision, pattern: found.data }
}

/**
 * One piece with the patterns that suit it best; only of those that are shown the reasons are put into words.
 * @returns undefined where there is no such piece */
export async function loadPatternsFor(pieceId: string, { units, words }: Preferences, show = ON_BOARD) {
  const db = await notebook()
  const entry = await readStashEntry(db, pieceId, words)
  if (!entry) return undefined
  const gist = gistOfEntry(entry)
  const reservations = await loadReservations(db, await shelfOf(db, words))
  const ranked = (await listPatterns(db))
    .map((pattern) => ({ pattern, id: pattern.id, ...matchScore(pattern.need, gist.offer) }))
    .sort(byRank)
  const rows = ranked.slice(0, show).map(({ pattern }) => ({
    id: pattern.id,
    title: pattern.name,
    href: `/make/patterns/${pattern.id}`,
    under: needWords(pattern.need, units, words),
    match: match(pattern.need, gist.offer, units),
    enough: reservations.enough(gist, pattern.lengths, {
      size: '',
      view: '',
      copies: 1,
      pieces: pattern.pieces,
    }),
    keptBy: null,
    lesson: null,
    ...draftOnFigure(gist),
    clothName: gist.name,
    garment: pattern.need.garment ?? null,
    details: pattern.need.details ?? [],
  }))
  return { piece: { id: pieceId, name: gist.name, words: pieceWords(gist, units, words) }, rows, of: ranked.length }
}

/** What a loader gives where there is something. */
export type Loaded<L extends (...given: never[]) => Promise<unknown>> = NonNullable<Awaited<ReturnType<L>>>
