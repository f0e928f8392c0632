import { type ControlBurn } from '@/core/identify/observerCalibration'
import { findBurnTest, type KeptTest } from '@/server/records/burnTests'
import { burnsOf, controlsBox, type KeptControl } from '@/server/records/controls'
import { notebook } from '@/server/database'
import { findPiece } from '@/server/records/pieces'
import { type DrawnYarn } from '@/ui/burn'

/** A test with all that its pages show of it. */
export interface LoadedTest {
  test: KeptTest
  /** What it is of; null for a cloth that is not kept yet. */
  of: { name: string; href: string; yarn?: DrawnYarn } | null
  box: KeptControl[]
  /** What has taught the program how this person reports; a control's own burn never judges itself. */
  controls: ControlBurn[]
}

/** @returns undefined where there is no such test */
export async function loadTest(id: string): Promise<LoadedTest | undefined> {
  const db = await notebook()
  const [test, box] = await Promise.all([findBurnTest(db, id), controlsBox(db)])
  if (!test) return undefined
  const others = box.map((control) => ({ ...control, tests: control.tests.filter((one) => one.id !== id) }))
  return { test, of: await subjectOf(test, box), box, controls: others.flatMap(burnsOf) }
}

async function subjectOf(test: KeptTest, box: readonly KeptControl[]): Promise<LoadedTest['of']> {
  const { pieceId, controlId, blindId, blindCode } = test
  if (blindId !== null && controlId === null && pieceId === null)
    return { name: `Envelope ${blindCode}`, href: '/learn/blind-test' }
  const control = box.find(({ id }) => id === controlId)
  if (control) return { name: control.name, href: '/identify/samples' }
  const piece = pieceId === null ? undefined : await findPiece(await notebook(), pieceId)
  return piece
    ? { name: piece.name, href: `/stash/${piece.id}`, yarn: { fill: piece.look.warp, edge: piece.look.weft } }
    : null
}
