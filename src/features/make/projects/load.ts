import { match } from '@/core/choose/match'
import { sizesIn } from '@/core/choose/envelope/lengths'
import { mayServe, setWith } from '@/core/choose/set/bestSets'
import { judgeSet } from '@/core/choose/set/set'
import { type ClothSet, type Partner } from '@/core/choose/set/types'
import { type Workroom } from '@/core/notebook/kinds/workroom'
import { sewAdvice } from '@/core/sew/advice'
import { refusalToWork } from '@/core/sew/refusal'
import { inBox, type Boxed } from '@/core/sew/inBox'
import { SHOP_ASKS, suppliesFor, type Supply } from '@/core/sew/supplies'
import { careLabelOf } from '@/core/fabric/careLabel'
import { careSymbol } from '@/core/vocabulary/care'
import { lessonOf } from '@/core/making/lessons'
import { projectStepsOf } from '@/core/making/progress'
import { type LengthAsked } from '@/core/notebook/schemas/making'
import { type Need } from '@/core/notebook/schemas/need'
import { type PieceSummary } from '@/core/stashSearch/pieceSummary'
import { capitalise, type UnitSystem } from '@/core/units/format'
import { ROLE_WORDS, type Role } from '@/core/vocabulary/choosing'
import { type MakingStep } from '@/core/vocabulary/making'
import { type Vocabulary } from '@/core/vocabulary/words'
import { pieceWords } from '@/features/shared/stash/describe'
import { notebook } from '@/server/database'
import { findPattern, listPatterns, type KeptPattern } from '@/server/records/patterns'
import {
  findProject,
  listProjects,
  reservedBy,
  wornOf,
  type KeptCloth,
  type ProjectWhole,
} from '@/server/records/projects'
import { bestFor, verdictFor } from '@/server/cache/ranks'
import { shelfOf, type Shelf } from '@/server/cache/shelf'
import { allRecords } from '@/server/store/repository'
import { machineOf, readWorkroom } from '@/server/records/workroom'
import { drawnAs } from '@/ui/cloth/drawnAs'
import { enoughFirst, enoughFor, toBuy, type EnoughLeft, type MakingAsked } from '@/core/making/enoughFor'
import { loadReservations, placeKey, reservationsOf, type Reservations } from '@/server/records/reservations'
import { draftOnFigure } from '../holding/draftOnFigure'
import { needWords, partnerWords } from '../patterns/needWords'
import { shownOf } from './shownOf'
import { mustHave } from '@/core/lists/items'

interface Preferences {
  units: UnitSystem
  words: Vocabulary
}

/** A place of a pattern that a cloth takes. */
interface Place {
  role: Role
  label: string
  title: string
  asks: string
  need: Need
  lengths: readonly LengthAsked[]
}

/** Pieces that are offered for each place. */
const OFFERED = 6

/**
 * Projects, those that are not done first, the latest before the others.
 * @param isAll all of them; else the first few
 */
export async function loadProjects(preferences: Preferences, isAll: boolean) {
  const db = await notebook()
  const [projects, lays, patterns, shelf] = await Promise.all([
    listProjects(db),
    allRecords(db, 'lay'),
    listPatterns(db),
    shelfOf(db, preferences.words),
  ])
  const reservations = reservationsOf(
    projects,
    patterns,
    lays.kept.map(({ data }) => data),
    shelf,
  )
  return {
    count: projects.length,
    projects: shownOf(projects, isAll).map((whole) => {
      const pattern = patterns.find(({ id }) => id === whole.project.data.patternId)
      const standing = standingOf(whole, pattern, shelf, preferences, reservations)
      const { main } = standing
      const { name, finished } = whole.project.data
      return {
        id: whole.project.id,
        name,
        finished,
        pattern: pattern?.name ?? '',
        next: nextWords(standing),
        tile: main && drawnAs(main.weave, main.look),
        cloth: main?.name ?? '',
      }
    }),
  }
}

/** A project with all that its steps show. @returns undefined where there is no such project */
export async function loadProject(id: string, preferences: Preferences) {
  const db = await notebook()
  const whole = await findProject(db, id)
  if (!whole) return undefined
  const { project } = whole
  const pattern = project.data.patternId === null ? undefined : await findPattern(db, project.data.patternId)
  const [shelf, all, { workroom }, box] = await Promise.all([
    shelfOf(db, preferences.words),
    listProjects(db),
    readWorkroom(db),
    allRecords(db, 'notion'),
  ])
  const reservations = await loadReservations(db, shelf, all)
  const standing = standingOf(whole, pattern, shelf, preferences, reservations)
  const reserved = reservedBy(all.filter((one) => one.project.id !== id))
  const worn = wornOf(all, shelf)
  const places = await Promise.all(
    standing.places.map(async ({ place, chosen, gist, enough, byLay }) => ({
      role: place.role,
      label: place.label,
      title: place.title,
      asks: place.asks,
      chosen: chosen && {
        pieceId: chosen.data.pieceId,
        was: chosen.data.was,
        wish: chosen.data.wish,
        name: gist?.name ?? chosen.data.was,
        tile: gist && drawnAs(gist.weave, gist.look),
        match: gist && match(place.need, gist.offer, preferences.units),
      },
      enough,
      byLay,
      buy: toBuy(place.lengths, standing.making),
      offered: await offeredFor(place, pattern, shelf, preferences, {
        worn,
        reserved,
        enoughOf: (gist) =>
          reservations.enough(gist, place.lengths, standing.making, { projectId: id, place: placeKey(place) }),
      }),
    })),
  )
  return {
    id,
    ...project.data,
    pattern: pattern ? { id: pattern.id, name: pattern.name } : null,
    garment: pattern?.need.garment ?? null,
    details: pattern?.need.details ?? [],
    sizes: pattern ? sizesIn(pattern.lengths) : [],
    views: pattern?.views ?? [],
    ...boughtOf(
      pattern,
      project.data,
      standing.main ? suppliesOf(standing.main.offer, pattern, project.data, workroom) : [],
      box.kept.map(({ data }) => data),
      preferences.units,
    ),
    steps: standing.steps,
    next: nextWords(standing),
    places,
    set: setOf(standing.places, pattern),
    care: labelWords(standing.places.flatMap(({ gist }) => gist?.offer ?? [])),
    main: standing.main && { name: standing.main.name, ...draftOnFigure(standing.main) },
  }
}

/** Words by which an envelope asks for what is reckoned here as well. */
const SAME_AS: Readonly<Record<Supply['id'], RegExp>> = {
  thread: /thread/i,
  needles: /needle/i,
  interfacing: /interfacing|interlining/i,
  zip: /zip/i,
  buttons: /button/i,
  elastic: /elastic/i,
  cord: /cord/i,
  binding: /binding/i,
  marking: /chalk|marking/i,
  lining: /lining/i,
}

/** The envelope's notions, each with what is reckoned of it, and what the envelope does not say. */
function boughtOf(
  pattern: KeptPattern | undefined,
  { bought }: ProjectWhole['project']['data'],
  supplies: readonly Supply[],
  box: readonly Boxed[],
  units: UnitSystem,
) {
  const boxed = (text: string) => {
    const id = (Object.keys(SAME_AS) as Supply['id'][]).find((one) => SAME_AS[one].test(text))
    return id ? inBox(id, box, units) : ''
  }
  const notions = (pattern?.notions ?? []).map(({ text }) => ({
    text,
    isBought: bought.includes(text),
    reckoned: supplies.find(({ id }) => SAME_AS[id].test(text))?.text ?? '',
    boxed: boxed(text),
  }))
  const said = (id: Supply['id']) => notions.some(({ text }) => SAME_AS[id].test(text))
  return {
    notions,
    supplies: supplies
      .filter(({ id }) => !said(id))
      .map(({ id, text, why }) => ({
        id,
        text,
        why,
        boxed: inBox(id, box, units),
        ask: SHOP_ASKS[id],
        isBought: bought.includes(`supply: ${id}`),
      })),
  }
}

/** The label to sew in: the strictest of all its cloths; empty where none is chosen. */
const labelWords = (offers: readonly PieceSummary['offer'][]) =>
  offers.length === 0 ? [] : careLabelOf(offers).map((id) => careSymbol(id).words)

/** What is bought beside the cloths. */
function suppliesOf(
  offer: PieceSummary['offer'],
  pattern: KeptPattern | undefined,
  { copies }: ProjectWhole['project']['data'],
  workroom: Workroom,
) {
  if (refusalToWork(offer)) return []
  const { garment, details = [] } = pattern?.need ?? {}
  const machine = machineOf(workroom)
  const advice = sewAdvice({ offer, ...(garment && { garment }), details, machine, schools: workroom.schools })
  return suppliesFor({
    advice,
    ...(garment && { garment }),
    details,
    copies,
    overlocker: machine.overlocker,
    smallestNeedle: machine.smallestNeedle,
  })
}

/** The places that a pattern has, or the main one alone where there is none. */
function placesOf(pattern: KeptPattern | undefined, { units, words }: Preferences): Place[] {
  const main: Place = {
    role: 'main',
    label: '',
    title: 'Main fabric',
    asks: pattern ? needWords(pattern.need, units, words) : '',
    need: pattern?.need ?? {},
    lengths: pattern?.lengths ?? [],
  }
  const partners = (pattern?.partners ?? []).map((partner) => ({
    role: partner.role,
    label: partner.label,
    title: partner.label || capitalise(ROLE_WORDS[partner.role]),
    asks: partnerWords(partner, units),
    need: { ...partner.need, garment: mustHave(pattern).need.garment, role: partner.role },
    lengths: partner.lengths,
  }))
  return [main, ...partners]
}

function standingOf(
  whole: ProjectWhole,
  pattern: KeptPattern | undefined,
  shelf: Shelf,
  preferences: Preferences,
  reservations: Reservations,
) {
  const { project, cloths } = whole
  const { data } = project
  const making: MakingAsked = {
    size: data.size,
    view: data.view,
    copies: data.copies,
    pieces: pattern?.pieces ?? null,
  }
  const places = placesOf(pattern, preferences).map((place) => {
    const chosen = cloths.find((cloth) => cloth.data.role === place.role && cloth.data.label === place.label)
    const gist = chosen?.data.pieceId ? shelf.find(chosen.data.pieceId) : undefined
    const held = chosen && gist && reservations.held(whole, chosen, gist)
    const layout = held?.layout
    const byLay = layout
      ? { usedLengthMm: layout.usedLengthMm, layers: layout.layers, isCut: layout.cutAt !== null }
      : null
    return { place, chosen, gist, byLay, enough: gist ? enoughFor(gist, place.lengths, making, held?.left) : null }
  })
  const steps = projectStepsOf({
    cloths: places.map(({ place, chosen, enough, byLay }) => ({
      role: place.role,
      isChosen: chosen !== undefined,
      isBought: chosen !== undefined && chosen.data.pieceId === null && chosen.data.was === '',
      enough: byLay ? 'enough' : (enough?.verdict ?? null),
    })),
    notionsLeft: (pattern?.notions ?? []).filter(({ text }) => !data.bought.includes(text)).length,
    behind: data.behind,
    isFinished: data.finished !== null,
  })
  return { making, places, steps, main: places[0]?.gist }
}

/** The one thing to do next, in words; null where nothing is left. */
function nextWords({ steps, places }: ReturnType<typeof standingOf>): string | null {
  const now = steps.find(({ state }) => state === 'now')?.id
  if (now === undefined) return null
  const open = places.find(({ chosen }) => chosen === undefined)
  if (now === 'cloth' && open) return `choose the ${open.place.title.toLowerCase()}`
  const short = places.find(({ enough }) => enough !== null && enough.verdict !== 'enough')
  if (now === 'enough' && short) return `check whether there is enough ${short.place.title.toLowerCase()}`
  return NEXT_WORDS[now]
}

const NEXT_WORDS: Readonly<Record<MakingStep, string>> = {
  cloth: 'choose a fabric',
  enough: 'check whether there is enough',
  buy: 'buy everything that is missing',
  prepare: 'wash, press and straighten the fabric',
  cut: 'cut and mark it',
  sew: 'sew it',
  done: 'record how it turned out',
}

interface OfferedHow {
  worn: Parameters<typeof lessonOf>[1]
  reserved: ReturnType<typeof reservedBy>
  /** Whether what others have left of a piece is enough for this place. */
  enoughOf: (gist: PieceSummary) => EnoughLeft | null
}

/** The pieces that would do best in a place; what another project keeps back is said so. */
async function offeredFor(
  place: Place,
  pattern: KeptPattern | undefined,
  shelf: Shelf,
  { units, words }: Preferences,
  { worn, reserved, enoughOf }: OfferedHow,
) {
  if (!pattern) return []
  const asking = { ...pattern, id: `${pattern.id} ${place.role} ${place.label}`, need: place.need }
  const asked = place.role === 'main' ? pattern : asking
  const best = await bestFor(shelf, asked)
  const serves = (id: string) => !isPartner(place.role) || mayServe(place.role, mustHave(shelf.find(id)).offer)
  return enoughFirst(
    best.filter(({ id }) => serves(id)),
    ({ id }) => enoughOf(mustHave(shelf.find(id))),
  )
    .slice(0, OFFERED)
    .map(({ one: { id }, enough }) => {
      const gist = mustHave(shelf.find(id))
      return {
        id,
        name: gist.name,
        words: pieceWords(gist, units, words),
        tile: drawnAs(gist.weave, gist.look),
        verdict: verdictFor(shelf, asked, id),
        enough,
        keptBy: reserved.get(id) ?? null,
        lesson: lessonOf(gist.cloth, worn),
      }
    })
}

/** Whether what was chosen goes together; null where there is nothing to put together. */
function setOf(
  places: readonly { place: Place; gist: PieceSummary | undefined; chosen: KeptCloth | undefined }[],
  pattern: KeptPattern | undefined,
) {
  const main = places.find(({ place }) => place.role === 'main')?.gist
  const partners = places.filter(({ place, gist }) => isPartner(place.role) && gist)
  if (!main || partners.length === 0) return null
  let set: ClothSet = { main: main.offer }
  for (const { place, gist } of partners) set = setWith(set, place.role as Partner, mustHave(gist).offer)
  const { verdict, pairs, care, worst } = judgeSet(set, pattern?.need)
  const says = pairs.filter(({ status }) => status === 'bad' || status === 'near').slice(0, 4)
  return { verdict, worst, care: care.text, says: says.map(({ id, text }) => ({ id, text })) }
}

function isPartner(role: Role): role is Partner {
  return role === 'lining' || role === 'interfacing' || role === 'wadding'
}

/** What a new project can be made by. */
export async function loadNewProject() {
  const patterns = await listPatterns(await notebook())
  return patterns.map(({ id, name, lengths, views }) => ({ id, name, sizes: sizesIn(lengths), views }))
}
