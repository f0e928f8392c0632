'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import styled from 'styled-components'
import { StrongButton } from '@/ui/kit/buttons'
import { StrongLink } from '@/ui/kit/links'
import { Actions, Paper, Callout, Soft } from '@/ui/kit/surfaces'
import { type OnTheBench } from '../measure/load'
import { type Inspection } from './useInspection'
import { itemAt } from '@/core/lists/items'

const ClothName = dynamic(() => import('./ClothName').then(({ ClothName: part }) => part))

const Names = styled.ol`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 1.1rem;
  li {
    display: grid;
    grid-template-columns: 6.5rem minmax(0, 1fr);
    gap: 0.2rem 1rem;
    align-items: start;
  }
  h3 {
    display: flex;
    justify-content: space-between;
    gap: 0.75rem;
  }
`

const FEW = 3
/** A name below this is not worth a line. */
const FAINT = 0.02

/** The names that what was seen comes to, and where it can be kept. */
export function MostLike({ inspection, piece }: { inspection: Inspection; piece: OnTheBench | null }) {
  const { names, warnings } = inspection.answer
  // The first stands there whatever it is.
  const top = names.filter(({ probability }, index) => index === 0 || (index < FEW && probability >= FAINT))
  const called = itemAt(top, 0).name.toLowerCase()
  return (
    <Paper aria-labelledby="names">
      <h2 id="names">Looks most like</h2>
      {inspection.isNothingKnown ? (
        <Soft>No answers yet: answer the first question, or enter what you know below.</Soft>
      ) : (
        <>
          <Names aria-live="polite">
            {top.map((name) => (
              <ClothName key={name.id} name={name} />
            ))}
          </Names>
          {warnings.slice(0, 2).map((warning) => (
            <Callout key={warning} $tone="warn">
              {warning}
            </Callout>
          ))}
          {piece ? (
            <KeepSeen inspection={inspection} piece={piece} />
          ) : (
            <Actions>
              <StrongLink href={`/stash/add?called=${encodeURIComponent(called)}`}>
                Save to stash as {called}
              </StrongLink>
            </Actions>
          )}
        </>
      )}
    </Paper>
  )
}

function KeepSeen({ inspection, piece }: { inspection: Inspection; piece: OnTheBench }) {
  const { isNothingSeen, isKept, keep, saving, trouble } = inspection
  return (
    <>
      <Actions>
        <StrongButton isDisabled={saving || isNothingSeen} onPress={keep}>
          Save these answers to {piece.name}
        </StrongButton>
      </Actions>
      {trouble ? (
        <Callout $tone="warn" role="alert">
          Not saved. {trouble}
        </Callout>
      ) : null}
      {isKept ? (
        <Callout $tone="good" role="status">
          Saved. You find it under <Link href={`/stash/${piece.id}/sheet`}>its properties</Link>.
        </Callout>
      ) : null}
    </>
  )
}
