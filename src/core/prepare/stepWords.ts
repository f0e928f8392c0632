import { type StepKind } from './step'

/** A step in two or three words: as the schedule, the calendar and the picture name it. */
export const STEP_KIND_WORDS: Readonly<Record<StepKind, string>> = {
  buy: 'Shopping',
  toile: 'Test garment',
  'test-square': 'Test a square',
  'finish-edges': 'Finish the edges',
  wash: 'Wash',
  dry: 'Dry',
  press: 'Press',
  'true-grain': 'Straighten the grain',
  'find-flaws': 'Check for flaws',
  quarantine: 'Keep it apart',
  freeze: 'Freeze it',
  air: 'Air it',
  rest: 'Let it rest',
  stabilise: 'Stiffen it',
  'test-seam': 'Test seam',
  cut: 'Cut',
  mark: 'Mark',
  staystitch: 'Staystitch',
  interface: 'Interfacing',
  sew: 'Sew',
  'wash-out': 'Wash out the stiffener',
  hang: 'Hang',
  hem: 'Hem',
  finish: 'Finish',
}
