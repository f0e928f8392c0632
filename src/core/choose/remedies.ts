import { detailRules } from './data/details'
import { type Assessment } from './types'
import { chosenWord } from '../vocabulary/choosing'

/** A change to the making that rescues a near miss. */
export interface RemedyRule {
  id: string
  text: string
  /** The fit of an assessment after the change; undefined where it changes nothing. */
  rescues: (assessment: Assessment) => number | undefined
}

/** g/m² beyond which nobody mounts a cloth on another: it has body of its own. Common practice. */
const UNDERLINED_TO_GSM = 180

const falls = ({ fit }: Assessment) => fit !== null && fit < 0.8

/** Changes that do not depend on a detail; common practice, the fits after them from memory. */
const general: readonly RemedyRule[] = [
  {
    id: 'line-it',
    text: 'Line it: a lining takes the light from behind it.',
    rescues: (a) => (a.property === 'opacity' && a.miss === 'under' && falls(a) ? 0.95 : undefined),
  },
  {
    id: 'underline-it',
    text: 'Underline it: mount every piece on a second, firm light cloth and sew the two as one.',
    rescues: (a) => {
      if (!falls(a) || a.miss !== 'under') return undefined
      if (a.property === 'opacity') return 0.9
      return a.property === 'weight' || a.property === 'body' ? Math.min(0.85, a.fit! + 0.4) : undefined
    },
  },
  {
    id: 'cut-on-bias',
    text: 'Cut it on the bias, which gives where the straight grain does not. It takes more cloth.',
    rescues: (a) => (a.property === 'close-fit' && falls(a) ? 0.85 : undefined),
  },
  {
    id: 'add-fastening',
    text: 'Add a fastening (a zip or buttons), since it will not stretch over the head or hips.',
    rescues: (a) => ((a.property === 'pull-on' || a.property === 'close-fit') && falls(a) ? 0.9 : undefined),
  },
  {
    id: 'wash-first',
    text: 'Wash and dry it first, the way the garment will be.',
    rescues: (a) => (a.property === 'washing' ? 1 : undefined),
  },
]

/** Every remedy that could rescue something in these assessments. @param gsm of the cloth, where it is known, g/m² */
export function remediesFor(assessments: readonly Assessment[], gsm?: number): RemedyRule[] {
  const own = assessments.flatMap((assessment) => (falls(assessment) ? ofDetail(assessment) : []))
  const interfaced = own.filter(({ id }) => id === 'interface-it')
  // A second cloth behind makes nothing of what is heavy already, and lets no pleat hold that does not by itself.
  const mayUnderline =
    (gsm === undefined || gsm <= UNDERLINED_TO_GSM) &&
    !assessments.some((one) => one.detail === 'pleats' && falls(one))
  const rules = [
    ...general.filter(({ id }) => id !== 'underline-it' || mayUnderline),
    ...own.filter(({ id }) => id !== 'interface-it'),
  ]
  if (interfaced.length > 0) {
    rules.push({
      ...interfaced[0]!,
      rescues: (a) => interfaced.map((rule) => rule.rescues(a)).find((fit) => fit !== undefined),
    })
  }
  return rules.filter((rule) => assessments.some((assessment) => rule.rescues(assessment) !== undefined))
}

function ofDetail({ detail, miss }: Assessment): RemedyRule[] {
  if (!detail) return []
  const rule = detailRules[detail]
  const word = chosenWord(detail)
  const only = (fit: number) => (assessment: Assessment) => (assessment.detail === detail ? fit : undefined)
  const found: RemedyRule[] = []
  if (rule.mayLeaveOff) found.push({ id: `leave-off-${detail}`, text: `Leave the ${word} off.`, rescues: only(1) })
  if (rule.interfacingHelps && miss === 'under') {
    found.push({
      id: 'interface-it',
      text: 'Back those parts with interfacing no heavier than the cloth.',
      rescues: only(0.9),
    })
  }
  if (rule.lighterClothHelps && miss === 'over') {
    found.push({ id: `lighter-${detail}`, text: `Cut the ${word} from a lighter cloth.`, rescues: only(0.9) })
  }
  return found
}
