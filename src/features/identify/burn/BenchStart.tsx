'use client'

import Link from 'next/link'
import { stateLabel } from '@/core/identify/features'
import { type TestAnswer } from '@/core/notebook/answers'
import { BurnStrip } from '@/ui/burn'
import { StrongButton } from '@/ui/kit/buttons'
import { Actions, Lead, Page, Paper, PlainList, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { beginTest } from '../../shared/burn/beginTest'
import { ContinueBurn } from '../../shared/burn/ContinueBurn'
import { type BurnToContinue } from '../../shared/burn/loadUnfinished'
import { describeSeen, seenIn } from '../../shared/burn/session'
import { itemAt, mustHave } from '@/core/lists/items'
import { Say } from '@/ui/text/Say'

export interface LooseTest {
  id: string
  answers: TestAnswer[]
}

const EXAMPLE: TestAnswer[] = [
  ['approach', 'curls-away'],
  ['flame', 'sputtering'],
  ['after-removal', 'dies-soon'],
  ['smoke', 'pale'],
  ['smell', 'hair-feather'],
  ['residue', 'crushable-bead'],
].map(([feature, state]) => ({ specimen: 1, part: 'whole', feature: mustHave(feature), states: [mustHave(state)] }))

interface Props {
  /** Burns that wait to be continued, the newest first. */
  left: readonly BurnToContinue[]
  /** Tests with a result that belong to no fabric of the stash yet. */
  loose: LooseTest[]
  of: { id: string; name: string } | null
}

/** Where a burn begins, or goes on. */
export function BenchStart({ left, loose, of }: Props) {
  const { busy, trouble, doing } = useAsyncAction()
  return (
    <Page>
      <div>
        <h1>Burn tests</h1>
        <Lead>
          <Say>Burn a few yarns, answer what you see, and find out which fibre it is.</Say>
        </Lead>
      </div>
      <Actions>
        <StrongButton isDisabled={busy} onPress={() => doing(() => beginTest(of ? { pieceId: of.id } : {}))}>
          {busy ? 'Getting ready…' : of ? `Start burn test for ${of.name}` : 'Start burn test'}
        </StrongButton>
      </Actions>
      <Trouble>{trouble}</Trouble>
      {left.length > 0 ? (
        <Stack as="section" aria-labelledby="left" $gap="0.75rem">
          <h2 id="left">In progress</h2>
          {left.map((burn) => (
            <ContinueBurn key={burn.id} burn={burn} />
          ))}
        </Stack>
      ) : (
        <div>
          <Soft>A finished strip reads from left to right. This one was wool.</Soft>
          <BurnStrip seen={seenIn(EXAMPLE)} describe={(features) => describeSeen(EXAMPLE, features)} />
        </div>
      )}
      {loose.length > 0 ? (
        <Paper aria-labelledby="loose">
          <h2 id="loose">Finished, not in your stash yet</h2>
          <PlainList>
            {loose.map(({ id, answers }, index) => (
              <li key={id}>
                <Link href={`/identify/burn/${id}`}>{index === 0 ? 'Latest' : `Test ${loose.length - index}`}</Link>
                {`: ${summary(answers)}`}
              </li>
            ))}
          </PlainList>
        </Paper>
      ) : null}
    </Page>
  )
}

function summary(answers: TestAnswer[]): string {
  const seen = answers.filter(({ states }) => states.length > 0)
  return (
    seen
      .slice(0, 4)
      .map(({ feature, states }) => stateLabel(feature, itemAt(states, 0)).toLowerCase())
      .join(', ') || 'no answers yet'
  )
}
