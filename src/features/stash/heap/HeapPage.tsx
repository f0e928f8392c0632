'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { SORTINGS, SORTING_WORDS } from '@/core/vocabulary/stash'
import { Button, QuietButton } from '@/ui/kit/buttons'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Columns, Figures, Page, Paper, PlainList, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { beginTest } from '../../shared/burn/beginTest'
import { FoldOnShelf } from '../../shared/stash/Shelf'
import { QuickForm } from '../quick/QuickForm'
import { Todos } from '../quick/Todos'
import { endHeap, sortPiece } from './actions'
import { type HeapData } from './load'
import { tallyWords } from './tallyWords'
import { mustHave } from '@/core/lists/items'
import { Say } from '@/ui/text/Say'

const Sorted = styled.li`
  display: grid;
  grid-template-columns: 9rem minmax(0, 1fr);
  gap: 0.5rem 1rem;
  align-items: end;
  border-bottom: 1px solid var(--line);
  padding-bottom: 0.75rem;
  @media (max-width: 34rem) {
    grid-template-columns: minmax(0, 1fr);
  }
`
const ENDINGS = SORTINGS.map((sorting) => ({
  label:
    sorting === 'cut-up'
      ? 'Cut up'
      : `${mustHave(SORTING_WORDS[sorting][0]).toUpperCase()}${SORTING_WORDS[sorting].slice(1)}`,
  sorting,
}))

interface Props extends HeapData {
  todos: readonly { id: string; words: string; count: number }[]
}

/** One heap: the piece in the hand, the tally, and what was sorted so far. */
export function HeapPage({ id, name, place, done, tally, folds, todos }: Props) {
  const { busy, trouble, doing } = useAsyncAction()
  return (
    <Page>
      <div>
        <Link href="/stash/piles">Piles</Link>
        <h1>{name}</h1>
        <Soft role="status">
          {done ? 'Sorted. ' : ''}
          {tallyWords(tally)}
        </Soft>
      </div>
      <Columns $first="1.3fr">
        {done ? (
          <p>You have looked at every fabric in it.</p>
        ) : (
          <Paper aria-labelledby="in-hand">
            <h2 id="in-hand">The fabric in your hand</h2>
            <QuickForm heapId={id} place={place} endings={ENDINGS} onKept={() => undefined} />
          </Paper>
        )}
        <Stack>
          <Figures>
            <caption className="visually-hidden">Summary</caption>
            <tbody>
              {SORTINGS.map((sorting) => (
                <tr key={sorting}>
                  <th scope="row">{SORTING_WORDS[sorting]}</th>
                  <td>{tallyWords(tally.bySorting[sorting])}</td>
                </tr>
              ))}
            </tbody>
          </Figures>
          <Actions>
            <Button isDisabled={busy} onPress={() => doing(() => endHeap(id, !done))}>
              {done ? 'Continue' : 'That was the last one'}
            </Button>
            <Link href={`/stash?heap=${id}&sorting=give-away&as=list`}>List to give away</Link>
          </Actions>
          <Trouble>{trouble}</Trouble>
          <Todos todos={todos} />
        </Stack>
      </Columns>
      {folds.length > 0 ? <SortedSoFar folds={folds} /> : null}
    </Page>
  )
}

function SortedSoFar({ folds }: Pick<HeapData, 'folds'>) {
  const { busy, trouble, doing } = useAsyncAction()
  return (
    <Paper aria-labelledby="sorted">
      <h2 id="sorted">Sorted so far</h2>
      <Trouble>{trouble}</Trouble>
      <PlainList $gap="0.75rem">
        {folds.map((fold) => (
          <Sorted key={fold.id}>
            <FoldOnShelf {...fold} />
            <Stack $gap="0.4rem">
              <SelectField
                label={`Sorted as: ${fold.name}`}
                value={fold.sorting ?? ''}
                onChange={(sorting) => doing(() => sortPiece(fold.id, sorting || null))}
                options={[['', 'not sorted'], ...SORTINGS.map((one) => [one, SORTING_WORDS[one]] as const)]}
              />
              {fold.worth ? (
                <Soft>
                  <Say>{fold.worth}</Say>
                </Soft>
              ) : null}
              {fold.sorting === 'test' ? (
                <QuietButton isDisabled={busy} onPress={() => doing(() => beginTest({ pieceId: fold.id }))}>
                  Start burn test
                </QuietButton>
              ) : null}
            </Stack>
          </Sorted>
        ))}
      </PlainList>
    </Paper>
  )
}
