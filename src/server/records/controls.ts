import { looksImpure } from '../../core/identify/controls'
import { type ControlBurn } from '../../core/identify/observerCalibration'
import { observationsFrom } from '../../core/notebook/answers'
import { type Control } from '../../core/notebook/kinds/control'
import { testsOfControls, type KeptTest } from './burnTests'
import { type Notebook } from '../store/openNotebook'
import { allRecords } from '../store/repository'
import { type RecordHead } from '../store/kept'

/** A known piece with its burns, as it lies in the box. */
export interface KeptControl extends Control, RecordHead {
  tests: KeptTest[]
  /** Whether one of its burns does not look like the fibre that it is kept as. */
  impure: boolean
}

/** The whole box, in the order in which it was filled. */
export async function controlsBox(db: Notebook): Promise<KeptControl[]> {
  const { kept } = await allRecords(db, 'control')
  if (kept.length === 0) return []
  const byControl = await testsOfControls(
    db,
    kept.map(({ id }) => id),
  )
  return kept.map(({ data, ...head }) => {
    const control = { ...data, ...head, tests: byControl.get(head.id) ?? [] }
    return { ...control, impure: burnsOf(control).some(looksImpure) }
  })
}

/** What the person said of their known pieces, a burn a test. */
export async function controlBurns(db: Notebook): Promise<ControlBurn[]> {
  return (await controlsBox(db)).flatMap(burnsOf)
}

/** A control's burns with something in them. */
export function burnsOf({ fibre, tests }: Pick<KeptControl, 'fibre' | 'tests'>): ControlBurn[] {
  return tests
    .map(({ answers }) => ({ fibre, observations: observationsFrom(answers) }))
    .filter(({ observations }) => observations.length > 0)
}
