import { findFeature, features, stateLabel } from '@/core/identify/features'
import { whatItTells } from '@/core/identify/whatItTells'
import { capitalise, formatPercent } from '@/core/units/format'
import { FIBRE_WORDS, type FibreId } from '@/core/vocabulary/fibres'
import { type Vocabulary } from '@/core/vocabulary/words'
import { mustHave } from '@/core/lists/items'

/** So many pairs that it parts best are told. */
const PAIRS = 8

/** One look at the flame or one test at the table, and what it tells. @returns undefined where there is none */
export function loadTableTest(id: string, words: Vocabulary) {
  const feature = findFeature(id)
  if (!feature) return undefined
  const { title, question, hint, guide, minutes, kind, hazard, source } = feature
  const { answers, parts } = whatItTells(id)
  const named = (fibre: FibreId) => ({ id: fibre, name: FIBRE_WORDS[fibre][words] })
  return {
    id,
    title,
    question,
    hint,
    guide,
    minutes,
    isBurn: kind === 'burn',
    isHazard: hazard !== 'none' && !guide?.caution,
    source: capitalise(source),
    answers: answers.map(({ state, likeliest }) => ({
      state,
      label: stateLabel(id, state),
      help: mustHave(feature.states.find((one) => one.id === state)).help,
      likeliest: likeliest.map(({ fibre, share }) => ({ ...named(fibre), share: formatPercent(share) })),
    })),
    pairs: parts.slice(0, PAIRS).map(({ one, other }) => ({ one: named(one), other: named(other) })),
    parted: parts.length,
    others: features
      .filter((other) => other.kind === kind && other.id !== id)
      .map((other) => ({ id: other.id, name: other.title })),
  }
}

export type OneTest = NonNullable<ReturnType<typeof loadTableTest>>
