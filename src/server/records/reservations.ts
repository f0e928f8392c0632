import { enoughFor, type EnoughLeft, type MakingAsked } from '../../core/making/enoughFor'
import { leftOf, type Asker, type Left, type Reserved } from '../../core/making/reserved'
import { type KeptLay } from '../../core/notebook/kinds/lay'
import { type LengthAsked } from '../../core/notebook/schemas/making'
import { type PieceSummary, type Summaries } from '../../core/stashSearch/pieceSummary'
import { type Notebook } from '../store/openNotebook'
import { groupBy } from '../store/groupBy'
import { listPatterns, type KeptPattern } from './patterns'
import { isFinished, listProjects, type KeptCloth, type ProjectWhole } from './projects'
import { allRecords } from '../store/repository'

/** What projects have reserved of every piece. */
export interface Reservations {
  /** What is left of a piece for one who asks; of a whole stash nothing is computed but what is asked. */
  left: (gist: Pick<PieceSummary, 'id' | 'lengthMm' | 'sorting'>, asker?: Asker) => Left
  /** Whether what is left of a piece is enough, for one who asks; null where the envelope gives no length. */
  enough: (
    gist: PieceSummary,
    lengths: readonly LengthAsked[],
    making: MakingAsked,
    asker?: Asker,
  ) => EnoughLeft | null
  /** What a project has of the piece that it chose for one of its fabrics. */
  held: (whole: ProjectWhole, cloth: KeptCloth, gist: PieceSummary) => Held
}

/** What a project has of a piece. */
export interface Held {
  left: Left
  /** The layout by which it is enough; null where there is none, or what it takes is not left. */
  layout: KeptLay | null
}

/** Which of a project’s fabrics one is. */
export const placeKey = ({ role, label }: { role: string; label: string }) => `${role} ${label}`.trim()

/**
 * Reads what all projects that are not finished have reserved, in the order in which they did.
 * @param read projects, where the page has read them already
 */
export async function loadReservations(db: Notebook, shelf: Summaries, read?: ProjectWhole[]): Promise<Reservations> {
  const [projects, patterns, lays] = await Promise.all([
    read ?? listProjects(db),
    listPatterns(db),
    allRecords(db, 'lay'),
  ])
  return reservationsOf(
    projects,
    patterns,
    lays.kept.map(({ data }) => data),
    shelf,
  )
}

/** What is reserved, of what was read already. */
export function reservationsOf(
  projects: readonly ProjectWhole[],
  patterns: readonly KeptPattern[],
  lays: readonly KeptLay[],
  shelf: Pick<Summaries, 'find'>,
): Reservations {
  const byId = new Map(patterns.map((pattern) => [pattern.id, pattern]))
  const open = projects.filter(({ project }) => !isFinished(project.data))
  const all = open.flatMap((whole) => whole.cloths.map((cloth) => ({ whole, cloth })))
  // Ids begin with the time at which they were made.
  const inOrder = all.toSorted((a, b) => (a.cloth.id < b.cloth.id ? -1 : 1))
  const reserved = inOrder.flatMap(({ whole, cloth }) => reservedFor(whole, cloth, { byId, lays, shelf }))
  const byPiece = groupBy(reserved, ({ pieceId }) => pieceId)
  const left: Reservations['left'] = ({ id, lengthMm, sorting }, asker = null) =>
    leftOf(isUsedUp({ lengthMm, sorting }) ? 0 : lengthMm, byPiece.get(id) ?? [], asker)
  return {
    left,
    enough: (gist, lengths, making, asker) => enoughFor(gist, lengths, making, left(gist, asker)),
    held: ({ project }, { data }, gist) => {
      const own = left(gist, { projectId: project.id, place: placeKey(data) })
      const last = laidFor(lays, project, data).at(-1)
      return { left: own, layout: last && (last.cutAt !== null || isThere(last, own)) ? last : null }
    },
  }
}

/** A layout on fabric whose length nobody measured, or on what others have reserved meanwhile, promises nothing. */
function isThere({ lengthMm, usedLengthMm }: KeptLay, left: Left): boolean {
  // An odd piece has an outline and no length, and was laid on as it is: it is there for one project.
  return left.mm === null ? lengthMm !== null && left.taken.length === 0 : usedLengthMm <= left.mm
}

/** Whether nothing is left of a piece to cut from. */
export function isUsedUp({ lengthMm, sorting }: Pick<PieceSummary, 'lengthMm' | 'sorting'>): boolean {
  return sorting === 'cut-up' && lengthMm === null
}

interface Known {
  byId: ReadonlyMap<string, KeptPattern>
  lays: readonly KeptLay[]
  shelf: Pick<Summaries, 'find'>
}

/**
 * The layouts of one of a project’s fabrics on its piece, the latest last: the project’s own, and those of its pattern
 * and size that were kept for no project.
 */
function laidFor(
  lays: readonly KeptLay[],
  { id, data: { patternId, size } }: ProjectWhole['project'],
  { pieceId, role }: KeptCloth['data'],
): KeptLay[] {
  const isOwn = (lay: KeptLay) =>
    lay.projectId === id ||
    (lay.projectId === null && lay.patternId === patternId && (lay.size === '' || lay.size === size))
  return lays.filter((lay) => lay.pieceId === pieceId && (lay.role ?? role) === role && isOwn(lay))
}

/** What one of a project’s fabrics takes of its piece: by its layout, else by the envelope; nothing once it is cut. */
function reservedFor({ project }: ProjectWhole, { data }: KeptCloth, { byId, lays, shelf }: Known): Reserved[] {
  const { pieceId } = data
  const gist = pieceId === null ? undefined : shelf.find(pieceId)
  if (pieceId === null || !gist) return []
  const mine = laidFor(lays, project, data)
  if (mine.some(({ cutAt }) => cutAt !== null)) return []
  const pattern = project.data.patternId === null ? undefined : byId.get(project.data.patternId)
  const partner = pattern?.partners.find(({ role, label }) => role === data.role && label === data.label)
  const lengths = data.role === 'main' && !partner ? (pattern?.lengths ?? []) : (partner?.lengths ?? [])
  const { size, view, copies, name } = project.data
  const byEnvelope = enoughFor(gist, lengths, { size, view, copies, pieces: pattern?.pieces ?? null })
  const laid = mine.at(-1)?.usedLengthMm
  const envelope = byEnvelope ? Math.round(byEnvelope.needMm) : null
  const reserved = { projectId: project.id, project: name, place: placeKey(data), pieceId }
  if (laid === undefined) return [{ ...reserved, mm: envelope }]
  return [{ ...reserved, mm: Math.round(laid), ...(envelope !== null && { elseMm: envelope }) }]
}
