import { families } from '../fibres/families'
import { type FamilyId } from '../vocabulary/fibres'
import { claimedFibres, meansClaim } from './claimed'
import { type AskedAnswer, type ClaimItem, type Hypothesis, type Scored } from './types'
import { type Asks } from '../vocabulary/observations'
import { capitalise } from '../units/format'
import { doubtWords, familyChoiceWords, fibreListWords } from './words'
import { type Vocabulary } from '../vocabulary/words'
import { itemAt } from '../lists/items'

/** How hypotheses are parted by what was asked. */
interface Grouping {
  /** The same for every hypothesis that answers alike. */
  keyOf(hypothesis: Hypothesis): string
  /** `wool with nylon`, `cloth with a synthetic in it`: as it stands in a sentence. */
  labelOf(hypothesis: Hypothesis): string
}

/** Parts the hypotheses by what the person wants to know: cloths that answer alike need not be told apart. */
export function groupedBy(asks: Asks, claim: readonly ClaimItem[], vocabulary: Vocabulary): Grouping {
  switch (asks) {
    case 'fibre':
      return {
        keyOf: ({ fibreSet }) => fibreSet,
        labelOf: ({ components }) =>
          fibreListWords(
            components.map(({ fibre }) => fibre),
            vocabulary,
          ),
      }
    case 'family':
      return {
        keyOf: ({ families: present }) => present.join('+'),
        labelOf: ({ families: present }) =>
          present.length === 1
            ? familyChoiceWords(present)
            : `a blend of ${present.map((id) => families[id].phrase).join(' and ')}`,
      }
    case 'plastic':
      return {
        keyOf: (hypothesis) => (isPlastic(hypothesis) ? 'yes' : 'no'),
        labelOf: (hypothesis) => (isPlastic(hypothesis) ? 'fabric with plastic in it' : 'fabric without plastic'),
      }
    case 'label': {
      const fits = meansClaim(claim)
      const said = fibreListWords(claimedFibres(claim), vocabulary)
      return {
        keyOf: (hypothesis) => (fits(hypothesis) ? 'true' : 'false'),
        labelOf: (hypothesis) => (fits(hypothesis) ? `true ${said}` : 'anything else'),
      }
    }
  }
}

function isPlastic({ families: present }: Hypothesis): boolean {
  return present.some((id: FamilyId) => families[id].plastic)
}

/** The likeliest answer to the question that was asked. */
export function answerAsked(
  scored: readonly Scored[],
  asks: Asks,
  claim: readonly ClaimItem[],
  vocabulary: Vocabulary,
): AskedAnswer {
  const { keyOf, labelOf } = groupedBy(asks, claim, vocabulary)
  const masses = new Map<string, { label: string; probability: number }>()
  for (const { hypothesis, probability } of scored) {
    const key = keyOf(hypothesis)
    let mass = masses.get(key)
    if (!mass) masses.set(key, (mass = { label: labelOf(hypothesis), probability: 0 }))
    mass.probability += probability
  }
  const [key, best] = itemAt(
    [...masses].sort((a, b) => b[1].probability - a[1].probability),
    0,
  )
  return { asks, probability: best.probability, text: ANSWERS[asks](key, best.label, doubtWords(best.probability)) }
}

const ANSWERS: Record<Asks, (key: string, label: string, how: string) => string> = {
  fibre: (_, label, how) => `${capitalise(how)} ${label}.`,
  family: (_, label, how) => `${capitalise(how)} ${label}.`,
  plastic: (key, _, how) =>
    key === 'yes'
      ? `${capitalise(how)}, there is plastic in it.`
      : `${capitalise(how)}, there is no plastic in it. A few per cent of stretch fibre can burn unseen.`,
  label: (key, label, how) =>
    key === 'true'
      ? `${capitalise(how)} ${label}, as the label says.`
      : `${capitalise(how)} not what the label says.`,
}
