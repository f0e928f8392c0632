import { type ClaimVerdict } from './types'

/**
 * Bayes factors at which a claim changes name. 3 and 20 are the usual steps (Kass & Raftery, 1995, from memory); for
 * support twice is enough, since a true claim of any plant-like fibre cannot score more: cotton, a third of all
 * cloth, burns the same. To say that a seller was wrong takes more than to doubt it: in the simulator fewer than 2 in
 * 100 true labels are contradicted.
 */
export const CLAIM_SUPPORTED = 2
export const CLAIM_DOUBTFUL = 1 / 3
export const CLAIM_CONTRADICTED = 1 / 20

/**
 * How much better one other kind of cloth may explain what was seen before the claim suffers, whatever the average of
 * all.
 */
export const RIVAL_DOUBT = 1 / 4
export const RIVAL_CONTRADICTS = 1 / 60

/** From here on nobody counts how many times likelier. */
const UNCOUNTED = 1000

/**
 * What a claim is called.
 * @param bayesFactor P(seen | claim) over P(seen | anything else)
 * @param againstBestKind the same over the one kind of cloth that explains it best
 */
export function claimVerdict(bayesFactor: number, againstBestKind: number): ClaimVerdict {
  if (bayesFactor <= CLAIM_CONTRADICTED || againstBestKind <= RIVAL_CONTRADICTS) return 'contradicted'
  if (bayesFactor <= CLAIM_DOUBTFUL || againstBestKind <= RIVAL_DOUBT) return 'doubtful'
  return bayesFactor >= CLAIM_SUPPORTED ? 'supported' : 'untested'
}

/** The verdict on a claim as a sentence. */
export function claimText(verdict: ClaimVerdict, bayesFactor: number, words: string): string {
  const times = Math.round(Math.max(bayesFactor, 1 / bayesFactor))
  const amount = times > UNCOUNTED ? '1,000 or more' : `about ${times}`
  switch (verdict) {
    case 'supported':
      return (
        `Your answers are ${amount} times likelier if “${words}” is true than if it is not. This can’t ` +
        'rule out lookalikes of the same kind.'
      )
    case 'contradicted':
      return bayesFactor <= CLAIM_CONTRADICTED
        ? `Your answers fit something else far better than “${words}”: they are ${amount} times likelier ` +
            'if that is not true.'
        : `Your answers fit something else far better than “${words}”.`
    case 'doubtful':
      return `Your answers fit something else better than “${words}”. Burn another sample before you say so.`
    case 'untested':
      return `So far your answers speak neither for nor against “${words}”.`
  }
}
