'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import { type NameAnswer } from '@/core/cloths/name'
import { FIBRE_IDS, FIBRE_WORDS } from '@/core/vocabulary/fibres'
import { SelectField } from '@/ui/kit/SelectField'
import { Columns, Lead, Page, Paper, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { Question } from '../../shared/question/Question'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { type OnTheBench } from '../measure/load'
import { MostLike } from './MostLike'
import { inspectionPicture } from './pictures'
import { useInspection } from './useInspection'
import { WhatYouSaid } from './WhatYouSaid'

const KnownNumbers = dynamic(() => import('./KnownNumbers').then(({ KnownNumbers: part }) => part))

interface Props {
  piece: OnTheBench | null
  /** What is known of the piece came to this when the page was made. */
  first: NameAnswer
  /** How many cloths are known. */
  cloths: number
}

/** What is it called? The next question is the one that tells most; the names follow each answer. */
export function Inspect({ piece, first, cloths }: Props) {
  const { words } = usePreferences()
  const inspection = useInspection(piece, first)
  const { feature, answers, known } = inspection
  return (
    <Page>
      <div>
        {piece ? <Link href={`/stash/${piece.id}`}>{piece.name}</Link> : null}
        <h1>Name this fabric</h1>
        <Lead>
          Look, feel, turn it over: each question narrows it down as much as possible. {cloths} fabric names are known
          here.
        </Lead>
      </div>
      <Columns $first="1.5fr">
        <Stack $gap="1.25rem">
          {feature ? (
            <Question
              key={`${feature.id} ${answers.length}`}
              feature={feature}
              picture={(state) => inspectionPicture(feature.id, state)}
              canUndo={answers.length > 0}
              onAnswer={inspection.give}
              onUndo={inspection.undo}
            />
          ) : (
            <Callout $tone="good">Looking can’t tell these apart any further. Weigh it, or burn a yarn.</Callout>
          )}
          {answers.length > 0 ? <WhatYouSaid inspection={inspection} /> : null}
        </Stack>
        <Stack $gap="1.25rem">
          <MostLike inspection={inspection} piece={piece} />
          <Paper aria-labelledby="known">
            <h2 id="known">What you know already</h2>
            <Soft>Each of these narrows it down a lot.</Soft>
            <KnownNumbers gsm={known.gsm} stretch={known.stretch} onGsm={known.setGsm} onStretch={known.setStretch} />
            <SelectField
              label="Main fibre"
              value={known.fibre}
              onChange={known.setFibre}
              options={[['', 'Not known'] as const, ...FIBRE_IDS.map((id) => [id, FIBRE_WORDS[id][words]] as const)]}
            />
          </Paper>
        </Stack>
      </Columns>
    </Page>
  )
}
