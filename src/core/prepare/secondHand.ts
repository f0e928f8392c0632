import { mayCarryMoth, MOULD, SECOND_HAND_WOOL } from '../fabric/secondHand'
import { step, type Step } from './step'
import { type PiecePlanned } from './washing'

const DAY = 24 * 60
/** Two weeks in a home freezer, minutes. */
const FREEZING: [number, number] = [14 * DAY, 16 * DAY]

/** What comes before anything else where somebody used it before: moth and mould stay out of the cupboard. */
export function afterOthers({ id, offer, isSecondHand = false, isMusty = false }: PiecePlanned): Step[] {
  const steps: Step[] = []
  const then = (one: Step) => steps.push({ ...one, after: steps.map((before) => before.id).slice(-1) })
  if (isSecondHand && mayCarryMoth(offer)) {
    then(
      step(`${id}:quarantine`, 'quarantine', [id], {
        text: SECOND_HAND_WOOL.quarantine,
        why: 'Moths come with second-hand wool, and eat the rest of your stash.',
        hands: 15,
      }),
    )
    then(
      step(`${id}:freeze`, 'freeze', [id], {
        text: SECOND_HAND_WOOL.freeze,
        why: 'Cold kills eggs and larvae that you can’t see.',
        hands: 5,
        wait: FREEZING,
      }),
    )
    then(
      step(`${id}:thaw`, 'air', [id], {
        text: SECOND_HAND_WOOL.thaw,
        why: 'Cold fabric attracts moisture.',
        hands: 10,
        wait: [DAY, 2 * DAY],
      }),
    )
  }
  if (isMusty)
    then(
      step(`${id}:air`, 'air', [id], {
        text: MOULD.air,
        why: MOULD.throwAway,
        risk: 'Mould spores harm lungs: work outdoors, with a mask.',
        hands: 20,
        wait: [DAY, 2 * DAY],
      }),
    )
  return steps
}
