'use client'

import Link from 'next/link'
import { EmptyState } from '@/ui/empty/EmptyState'
import styled from 'styled-components'
import { type OwnWay } from '@/core/identify/observerCalibration'
import { Columns, Lead, Page, Paper, Stack } from '@/ui/kit/surfaces'
import { Damaged } from '../../../shared/damaged/Damaged'
import { type DamagedCard } from '../../../shared/damaged/load'
import { KnownSpecimen } from './Known'
import { NewControl } from './NewControl'
import { Taught } from './Taught'
import { MoreLines } from '../../../shared/MoreLines'
import { SAMPLES_SHOWN, type BoxedControl } from './boxedControl'

const Cards = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 1.5rem;
`

interface Props {
  /** The first few, and how many there are; what they taught is of all. */
  box: readonly BoxedControl[]
  of: { samples: number; burns: number }
  ways: readonly OwnWay[]
  damaged: readonly DamagedCard[]
}

/** The controls box: known pieces, what their burns looked like, and what they taught the program about this person. */
export function ControlsBox({ box, of, ways, damaged }: Props) {
  return (
    <Page>
      <div>
        <Link href="/identify/burn">Burn tests</Link>
        <h1>Known samples</h1>
        <Lead>
          Bits of fabric that you are sure of. Put them beside an unknown fabric; burn one now and then, and we learn
          what you mean by “chemical” or “celery”.
        </Lead>
      </div>
      <Damaged cards={damaged} />
      <Columns $first="1.5fr">
        <Paper aria-labelledby="known">
          <h2 id="known">Your known samples</h2>
          {box.length === 0 ? (
            <EmptyState
              drawing="samples"
              text="You have none yet. Start with a cotton, a wool and a polyester: offcuts whose label you trust."
            />
          ) : null}
          <Cards>
            {box.map((control) => (
              <KnownSpecimen key={control.id} control={control} />
            ))}
          </Cards>
          <MoreLines says="Show more samples" shown={box.length} of={of.samples} step={SAMPLES_SHOWN} />
        </Paper>
        <Stack $gap="1.5rem">
          <NewControl />
          <Taught ways={ways} burns={of.burns} />
        </Stack>
      </Columns>
    </Page>
  )
}
