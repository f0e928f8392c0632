'use client'

import Link from 'next/link'
import { useState } from 'react'
import styled from 'styled-components'
import { countNoun } from '@/core/units/format'
import { Page, Paper, Soft } from '@/ui/kit/surfaces'
import { SMALL } from '../../shared/smallScreen'
import { AddWays } from '../AddWays'
import { Todos } from './Todos'
import { QuickForm } from './QuickForm'

/** At a stall the first screen is for what is tapped. */
const Intro = styled(Soft)`
  ${SMALL} {
    display: none;
  }
`

/** At a stall: a piece in under twenty seconds, finished later; and what waits to be finished. */
export function QuickPage({ todos }: { todos: readonly { id: string; words: string; count: number }[] }) {
  const [kept, setKept] = useState<string[]>([])
  const [isTold, setTold] = useState(false)
  return (
    <Page>
      <div>
        <h1>Quick add</h1>
        <Intro>A photo, a length, a guess, a price. Everything is optional; finish it at home.</Intro>
      </div>
      <AddWays here="/stash/quick-add" />
      <Paper aria-label="Fabric">
        <QuickForm
          endings={[{ label: 'Save and add another', sorting: null }]}
          onBegin={() => setTold(false)}
          onKept={({ id }) => {
            setKept([...kept, id])
            setTold(true)
          }}
        />
        {isTold && kept.length > 0 ? (
          <Soft role="status">
            {countNoun(kept.length, 'fabric')} saved so far.{' '}
            <Link href={`/stash/${kept.at(-1)}`}>See the last one</Link>
          </Soft>
        ) : null}
      </Paper>
      <Todos todos={todos} />
    </Page>
  )
}
