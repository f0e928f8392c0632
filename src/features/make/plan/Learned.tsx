import { type PlannedStep } from '@/core/prepare/prepare'
import { LoneLink } from '@/ui/kit/links'

/** Where what a step teaches is written down, by its kind. */
const LEARNED: Partial<Record<PlannedStep['kind'], readonly [words: string, address: (pieceId: string) => string]>> =
  {
    'test-square': ['Record the shrinkage', (id) => `/identify/measure/shrinkage?piece=${id}`],
    'true-grain': ['Record how far off it was', (id) => `/identify/measure/grain?piece=${id}`],
    'test-seam': ['Record how it turned out', (id) => `/stash/${id}/sew`],
  }

/** The way to where what a step teaches is written down, if it teaches anything. */
export function Learned({ step: { kind, pieces } }: { step: Pick<PlannedStep, 'kind' | 'pieces'> }) {
  const learned = LEARNED[kind]
  const [first] = pieces
  return learned && first ? (
    <p>
      <LoneLink href={learned[1](first)}>{learned[0]}</LoneLink>
    </p>
  ) : null
}
