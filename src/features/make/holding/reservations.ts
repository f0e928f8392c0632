import { leftOf, type Asker, type Left, type Reserved } from '@/core/making/reserved'
import { type KeptLay } from '@/core/notebook/kinds/lay'
import { type Gist } from '@/core/shelf/gist'
import { type Notebook } from '@/server/database'
import { grouped } from '@/server/grouped'
import { listPatterns, type KeptPattern } from '@/server/patterns'
import { isFinished, listProjects, type KeptCloth, type ProjectWhole } from '@/server/projects'
import { type Shelf } from '@/server/remember/shelf'
import { allRecords } from '@/server/store/repository'
import { enoughFor } from './enoughFor'

/** What projects have reserved of every piece. */
export interface Reservations {
  /** What is left of a piece for one who asks; of a whole stash nothing is computed but what is asked. */
  left: (gist: Pick<Gist, 'id' | 'lengthMm' | 'sorting'>, asker?: Asker) => Left
}

/** Which of a project’s fabrics one is. */
export const placeKey = ({ role, label }: { role: string; label: string }) => `${role} ${label}`.trim()

/**
 * Reads what all projects that are not finished have reserved, in the order in which they did.
 * @param read projects, where the page has read them already
 */
export async function loadReservations(db: Notebook, shelf: Shelf, read?: ProjectWhole[]): Promise<Reservations> {
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
  shelf: Pick<Shelf, 'find'>,
): Reservations {
  const byId = new Map(patterns.map((pattern) => [pattern.id, pattern]))
  const open = projects.filter(({ project }) => !isFinished(project.data))
  const all = open.flatMap((whole) => whole.cloths.map((cloth) => ({ whole, cloth })))
  // Ids begin with the time at which they were made.
  const inOrder = all.toSorted((a, b) => (a.cloth.id < b.cloth.id ? -1 : 1))
  const reserved = inOrder.flatMap(({ whole, cloth }) => reservedFor(whole, cloth, { byId, lays, shelf }))
  const byPiece = grouped(reserved, ({ pieceId }) => pieceId)
  return {
    left: ({ id, lengthMm, sorting }, asker = null) =>
      leftOf(isUsedUp({ lengthMm, sorting }) ? 0 : lengthMm, byPiece.get(id) ?? [], asker),
  }
}

/** Whether nothing is left of a piece to cut from. */
export function isUsedUp({ lengthMm, sorting }: Pick<Gist, 'lengthMm' | 'sorting'>): boolean {
  return sorting === 'cut-up' && lengthMm === null
}

interface Known {
  byId: ReadonlyMap<string, KeptPattern>
  lays: readonly KeptLay[]
  shelf: Pick<Shelf, 'find'>
}

/** What one of a project’s fabrics takes of its piece: by its layout, else by the envelope; nothing once it is cut. */
function reservedFor({ project }: ProjectWhole, { data }: KeptCloth, { byId, lays, shelf }: Known): Reserved[] {
  const { pieceId } = data
  const gist = pieceId === null ? undefined : shelf.find(pieceId)
  if (pieceId === null || !gist) return []
  const mine = lays.filter((lay) => lay.projectId === project.id && lay.pieceId === pieceId)
  if (mine.some(({ cutAt }) => cutAt !== null)) return []
  const pattern = project.data.patternId === null ? undefined : byId.get(project.data.patternId)
  const partner = pattern?.partners.find(({ role, label }) => role === data.role && label === data.label)
  const lengths = data.role === 'main' && !partner ? (pattern?.lengths ?? []) : (partner?.lengths ?? [])
  const { size, view, copies, name } = project.data
  const byEnvelope = enoughFor(gist, lengths, { size, view, copies, pieces: pattern?.pieces ?? null })
  const mm = mine.at(-1)?.usedLengthMm ?? byEnvelope?.needMm ?? null
  return [{ projectId: project.id, project: name, place: placeKey(data), pieceId, mm: mm && Math.round(mm) }]
}
