'use server'

import { compareGroup, GroupResultsSchema, GroupSetSchema, specimensOf } from '@/core/practice/groupSet'
import { fibreListWords } from '@/core/identify/words'
import { listOf } from '@/core/notebook/schemas/text'
import { capitalise } from '@/core/units/format'
import { FAMILY_WORDS } from '@/core/vocabulary/fibres'
import { sayingWhy, valueOf, type Refusal } from '../../shared/outcome'
import { readPreferences } from '../../shared/settings/readPreferences'
import { choicesIn } from '../practice/choices'
import { stagesOf } from '../practice/stages'

/** A class is no larger. */
const MOST_RESULTS = 60

/** What each specimen of a set shows, and not what it is. */
export async function openSet(input: unknown) {
  const { words } = await readPreferences()
  return answered(() => {
    const set = GroupSetSchema.parse(input)
    return { set, specimens: specimensOf(set).map(({ burn }) => stagesOf(burn)), ...choicesIn(words) }
  })
}

/** Results of one set beside one another. */
export async function compareResults(input: unknown) {
  const { words } = await readPreferences()
  return answered(() => {
    const results = listOf(GroupResultsSchema, MOST_RESULTS).parse(input)
    const { scores, specimens } = compareGroup(results)
    return {
      title: results[0]?.set.title ?? '',
      scores,
      specimens: specimens.map(({ topic, families, right }) => ({
        was: capitalise(
          fibreListWords(
            topic.components.map(({ fibre }) => fibre),
            words,
          ),
        ),
        right,
        said: families.map(({ family, count }) => `${FAMILY_WORDS[family].name.toLowerCase()} ${count}`).join(', '),
      })),
    }
  })
}

/** What it comes to, or what was wrong with what was sent. */
async function answered<T>(work: () => T): Promise<{ ok: true; is: T } | Refusal> {
  const outcome = await valueOf(() => Promise.resolve().then(() => sayingWhy(work)))
  return outcome.ok ? { ok: true, is: outcome.value } : outcome
}
