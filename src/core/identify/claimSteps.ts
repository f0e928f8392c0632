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
  const amount = times > UNCOUNTED ? 'a thousand or more' : `about ${times}`
  switch (verdict) {
    case 'supported':
      return (
        `What you saw is ${amount} times likelier if “${words}” is true than if it is not. Lookalikes ` +
        'of the same kind cannot be ruled out by this.'
      )
    case 'contradicted':
      return bayesFactor <= CLAIM_CONTRADICTED
        ? `What you saw fits something else far better than “${words}”: ` +
            `it is ${amount} times likelier if that is not true.`
        : `What you saw fits something else far better than “${words}”.`
    case 'doubtful':
      return `What you saw fits something else better than “${words}”. Burn another specimen before you say so.`
    case 'untested':
      return `What you saw so far speaks neither for nor against “${words}”.`
  }
}
