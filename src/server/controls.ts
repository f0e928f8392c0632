import { looksImpure } from '../core/identify/controls'
import { type ControlBurn } from '../core/identify/nose'
import { observationsFrom } from '../core/notebook/answers'
import { ControlSchema, type Control } from '../core/notebook/records'
import { testsByControl, type BurnTest } from './burnTests'
import { type Notebook } from './database'

/** A known piece with its burns, as it lies in the box. */
export interface KeptControl extends Control {
  id: number
  tests: BurnTest[]
  /** Whether one of its burns does not look like the fibre that it is kept as. */
  impure: boolean
}

/** The whole box, in the order in which it was filled. */
export async function controlsBox(db: Notebook): Promise<KeptControl[]> {
  const [rows, tests] = await Promise.all([
    db.selectFrom('control').selectAll().orderBy('id').execute(),
    testsByControl(db),
  ])
  return rows.map(({ id, fibre, name, sure }) => {
    const control = { id, ...ControlSchema.parse({ fibre, name, sure }), tests: tests.get(id) ?? [] }
    return { ...control, impure: burnsOf(control).some(looksImpure) }
  })
}

/** What the person said of their known pieces, a burn a test. */
export async function controlBurns(db: Notebook): Promise<ControlBurn[]> {
  return (await controlsBox(db)).flatMap(burnsOf)
}

export async function addControl(db: Notebook, control: Control, at: string): Promise<number> {
  const { id } = await db
    .insertInto('control')
    .values({ ...control, created_at: at })
    .returning('id')
    .executeTakeFirstOrThrow()
  return id
}

/** Takes a piece out of the box, with its burns. */
export async function removeControl(db: Notebook, id: number): Promise<void> {
  await db.deleteFrom('control').where('id', '=', id).execute()
}

/** A control's burns with something in them. */
export function burnsOf({ fibre, tests }: Pick<KeptControl, 'fibre' | 'tests'>): ControlBurn[] {
  return tests
    .map(({ answers }) => ({ fibre, observations: observationsFrom(answers) }))
    .filter(({ observations }) => observations.length > 0)
}
