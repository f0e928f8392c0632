import { layPiece, piecesFor, type Ground } from '@/core/making/layTask'
import { shrinkToCome } from '@/core/choose/enough/enough'
import { isOneWay } from '@/core/fabric/handling'
import { stretchesOnlyAlong } from '@/core/fabric/stretchWay'
import { materialOf } from '@/core/fabric/materialOf'
import { type PieceSummary } from '@/core/stashSearch/pieceSummary'
import { ROLES } from '@/core/vocabulary/choosing'
import { USUAL_SELVEDGE_MM } from '@/core/vocabulary/laying'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { findPattern } from '@/server/records/patterns'
import { patternPieces } from '@/server/records/patternPieces'
import { findProject } from '@/server/records/projects'
import { bestFor } from '@/server/cache/ranks'
import { shelfOf, type Shelf } from '@/server/cache/shelf'
import { recordsByIds, recordsReferring } from '@/server/store/repository'
import { drawnAs } from '@/ui/cloth/drawnAs'
import { isUsedUp, loadReservations, placeKey } from '@/server/records/reservations'
import { type AddressState } from '../../shared/address/address'
import { type layAddress } from './layAddress'
import { mustHave } from '@/core/lists/items'

/** Cloths of the stash that are offered. */
const OFFERED = 12

/** A pattern’s pieces, and the cloths that they can be laid on. @returns undefined where there is no such pattern */
export async function loadLay(patternId: string, asked: AddressState<typeof layAddress>, words: Vocabulary) {
  const db = await notebook()
  const pattern = await findPattern(db, patternId)
  if (!pattern) return undefined
  const [all, shelf, project, lays] = await Promise.all([
    patternPieces(db, patternId),
    shelfOf(db, words),
    asked.project ? findProject(db, asked.project) : undefined,
    recordsReferring(db, 'lay', 'patternId', patternId),
  ])
  const ofProject =
    project?.cloths.flatMap(({ data }) => (data.role === asked.role ? (data.pieceId ?? []) : [])) ?? []
  const chosen = asked.cloth.length > 0 ? asked.cloth : ofProject
  const best = (await bestFor(shelf, pattern)).slice(0, OFFERED).map(({ id }) => id)
  // What was chosen of the best stays in its place: a row that moves under the hand is lost.
  const others = chosen.filter((id) => !best.includes(id))
  const offered = [...new Set([...others, ...best])].filter((id) => shelf.find(id))
  const [shapes, reservations] = await Promise.all([shapesOf(offered), loadReservations(db, shelf)])
  const place = project?.cloths.find(({ data }) => data.role === asked.role)
    ? placeKey(mustHave(project.cloths.find(({ data }) => data.role === asked.role)).data)
    : asked.role
  const whole = all.map(({ id, data }) => ({ id, ...data }))
  const size = asked.size || (project?.project.data.size ?? '')
  const copies = project?.project.data.copies ?? 1
  const pieces = piecesFor(whole, asked.role, size)
  const mine = lays.filter(
    ({ data }) =>
      data.pieceId === (chosen[0] ?? null) &&
      data.cutAt === null &&
      (data.role === null || data.role === asked.role) &&
      (data.projectId === null || !project || data.projectId === project.project.id),
  )
  return {
    id: patternId,
    name: pattern.name,
    project: project && { id: project.project.id, name: project.project.data.name },
    role: asked.role,
    roles: ROLES.filter((role) => whole.some((piece) => piece.role === role)),
    size,
    sizes: [...new Set(whole.map((piece) => piece.size).filter(Boolean))].sort(),
    pieces: pieces.map((piece) => ({
      name: piece.name,
      isAbout: piece.isAbout,
      marks: piece.marks,
      ...layPiece(piece.id, piece, copies),
    })),
    chosen: chosen.filter((id) => shelf.find(id)),
    offered: offered.map((id) => leftGround(mustHave(shelf.find(id)))),
    kept: mine.map(({ id, data }) => ({ id, ...data })).at(-1) ?? null,
  }

  /** A piece as far as no other project has reserved it. */
  function leftGround(gist: PieceSummary) {
    const ground = groundOf(gist, shapes.get(gist.id))
    const asker = asked.project ? { projectId: asked.project, place } : null
    const left = reservations.left(gist, asker)
    const taken = left.taken.map(({ project: name, mm }) => ({ name, mm }))
    // An odd piece has no length to part: it is there for one project.
    const isGone = taken.length > 0 && ground.outline !== null
    return {
      ...ground,
      lengthMm: ground.outline ? ground.lengthMm : left.mm,
      taken,
      isGone: isGone || isUsedUp(gist),
    }
  }

  async function shapesOf(ids: readonly string[]) {
    const records = await recordsByIds(db, 'piece', ids)
    return new Map(records.map(({ id, data }) => [id, data]))
  }
}

export type LayData = NonNullable<Awaited<ReturnType<typeof loadLay>>>
export type Offered = LayData['offered'][number]

/** A piece of the stash as it is laid on. */
export function groundOf(
  gist: NonNullable<ReturnType<Shelf['find']>>,
  shape: Pick<Ground, 'outline' | 'flaws' | 'border'> | undefined,
) {
  const ground: Ground = {
    id: gist.id,
    name: gist.name,
    widthMm: gist.widthMm ?? 0,
    lengthMm: gist.lengthMm,
    shrinkPercent: lossOf(gist),
    oneWay: isOneWay(gist.offer),
    ...liesOf(gist.offer),
    repeatMm: repeatOf(gist),
    selvedgeMm: gist.thing === 'cloth' ? USUAL_SELVEDGE_MM : 0,
    outline: shape?.outline ?? null,
    flaws: shape?.flaws ?? [],
    border: shape?.border ?? null,
    leanDeg: gist.offer.printLeanDeg ?? 0,
  }
  return { ...ground, tile: drawnAs(gist.weave, gist.look) }
}

/** How pieces lie on it, where that is not along its length. */
function liesOf(offer: PieceSummary['offer']): Pick<Ground, 'lies'> {
  if (materialOf(offer)?.layout.turn === 'any') return { lies: 'any' }
  return stretchesOnlyAlong(offer) ? { lies: 'crosswise' } : {}
}

/** Stripes run along the cloth and repeat across it; a check or a print repeats both ways. mm */
function repeatOf({ offer, look }: PieceSummary): Ground['repeatMm'] {
  const repeat = offer.repeatMm ?? 0
  if (look.colouring === 'plain') return { x: 0, y: 0 }
  return { x: repeat, y: look.colouring === 'stripe' ? 0 : repeat }
}

/** Of a cloth that is not washed yet, per cent that it is reckoned smaller. */
function lossOf({ offer }: PieceSummary): Ground['shrinkPercent'] {
  const { length, width } = shrinkToCome({ offer })
  const sure = (value: number) => Math.round(Math.max(0, value) * 10) / 10
  return { length: sure(length.value), width: sure(width.value) }
}
