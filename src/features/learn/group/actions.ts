'use server'

import { z } from 'zod'
import { compareGroup, GroupResultsSchema, GroupSetSchema, specimensOf } from '@/core/practice/groupSet'
import { fibreListWords } from '@/core/identify/words'
import { listOf } from '@/core/notebook/schemas/text'
import { capitalise } from '@/core/units/format'
import { FAMILY_WORDS } from '@/core/vocabulary/fibres'
import { action } from '../../shared/action'
import { sayingWhy } from '../../shared/outcome'
import { readPreferences } from '../../shared/settings/readPreferences'
import { choicesIn } from '../practice/choices'
import { stagesOf } from '../practice/stages'

/** A class is no larger. */
const MOST_RESULTS = 60

/** What each specimen of a set shows, and not what it is. */
export const openSet = action([z.unknown().pipe(GroupSetSchema)], async (set) => {
  const { words } = await readPreferences()
  const specimens = await sayingWhy(() => specimensOf(set).map(({ burn }) => stagesOf(burn)))
  return { is: { set, specimens, ...choicesIn(words) } }
})

/** Results of one set beside one another. */
export const compareResults = action(
  [z.unknown().pipe(listOf(GroupResultsSchema, MOST_RESULTS))],
  async (results) => {
    const { words } = await readPreferences()
    const { scores, specimens } = await sayingWhy(() => compareGroup(results))
    return {
      is: {
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
      },
    }
  },
)
