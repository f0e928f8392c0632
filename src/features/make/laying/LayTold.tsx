'use client'

import { useState } from 'react'
import Link from 'next/link'
import styled from 'styled-components'
import { onBorderOf } from '@/core/making/layTask'
import { formatNeeded, formatOwned } from '@/core/units/format'
import { buy, buyWords } from '@/core/units/buy'
import { isLongEnough } from '@/core/lay/strip'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { Actions, Lead, Callout, Soft } from '@/ui/kit/surfaces'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { confirmCut, keepLay } from './actions'
import { densityOf } from './boardGeometry'
import { SECONDS, type OnTable, type LayoutEditor } from './useLayoutEditor'
import { itemAt } from '@/core/lists/items'

const LIES: Record<OnTable['layers'], string> = {
  single: 'in a single layer',
  'folded-lengthwise': 'folded lengthwise, right sides together',
  'folded-crosswise': 'folded crosswise',
}

/** The answer, and beside it what can be done: the cloth begins as high on the page as it can. */
const Result = styled.section`
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 1.5rem;
  align-items: center;
  justify-content: space-between;
  > :first-child {
    flex: 1 1 24rem;
  }
`

/** What comes of it, and the next step. */
export function LayTold({ table }: { table: LayoutEditor }) {
  const { lay, isRunning, since, trouble } = table
  return (
    <Result aria-label="Result">
      <Lead role="status">
        {lay ? <Verdict table={table} lay={lay} /> : 'Choose a fabric, then press “Lay out”.'}
      </Lead>
      {trouble ? <Callout $tone="warn">{trouble}</Callout> : null}
      <Actions>
        {/* One button for both, so that the keys stay on it. */}
        <StrongButton onPress={isRunning ? table.stop : table.start}>
          {isRunning ? 'Stop' : startWords(table)}
        </StrongButton>
        {isRunning ? (
          <Soft as="span">
            <progress aria-label="Layout progress" max={SECONDS} value={Math.min(since, SECONDS)} /> still improving…
          </Soft>
        ) : null}
        {lay && !isRunning ? <WhatNext table={table} lay={lay} /> : null}
      </Actions>
    </Result>
  )
}

function startWords({ lay, held }: LayoutEditor): string {
  if (!lay) return 'Lay out'
  return held.size > 0 ? 'Lay out the rest again' : 'Lay out again'
}

function Verdict({ table, lay }: { table: LayoutEditor; lay: OnTable }) {
  const { units } = usePreferences()
  const { task, layers, answer, placements } = lay
  const share = Math.round(densityOf(placements, task, layers) * 100)
  if (!table.isChecked) return <>Checking the layout…</>
  if (table.faults.length > 0) return <>{faultWords(table.faults)}. Move the pieces apart, or lay them out again.</>
  if (answer.unplaced.length > 0) {
    const names = [...new Set(answer.unplaced.map(({ id, why }) => `${table.names.get(id) ?? id}: ${why}`))]
    const wanted = answer.buy ? ` All of it needs ${buyWords(answer.buy)}.` : ''
    return (
      <>
        Some pieces don’t fit ({names.join('; ')}).{wanted}
      </>
    )
  }
  if (!task.cloth) return <>Everything fits on these fabrics; you use {share} % of them.</>
  const have = task.cloth.lengthMm
  const used = formatNeeded(table.usedMm, units)
  if (have === undefined)
    return (
      <>
        You need {used}, {LIES[layers]}: buy {buy(table.usedMm).text}. {share} % is used.
      </>
    )
  const left = have - table.usedMm
  return isLongEnough(have, table.usedMm) ? (
    <>
      There is enough: you need {used} of {formatOwned(have, units)}, {LIES[layers]}. {share} % is used.
    </>
  ) : (
    <>
      Too short by {formatNeeded(-left, units)}: you need {used}, {LIES[layers]}.
    </>
  )
}

/** The first faults that are told, the others as a number. */
const TOLD = 3

function faultWords(faults: LayoutEditor['faults']): string {
  const words = faults.slice(0, TOLD).map(({ words }) => words)
  return faults.length > TOLD ? `${words.join('; ')}; and ${faults.length - TOLD} more` : words.join('; ')
}

function WhatNext({ table, lay }: { table: LayoutEditor; lay: OnTable }) {
  const { data, grounds, faults, isChecked } = table
  const { busy, trouble, doing } = useAsyncAction()
  // What was kept is told as long as it lies as it was kept.
  const [kept, setKept] = useState<OnTable['placements'] | null>(null)
  const [offcuts, setOffcuts] = useState<string[] | null>(null)
  const isFit = isChecked && faults.length === 0 && lay.answer.unplaced.length === 0
  const record = () => ({
    patternId: data.id,
    projectId: data.project?.id ?? null,
    pieceId: data.chosen[0] ?? null,
    role: data.role,
    size: data.size,
    layers: lay.layers,
    widthMm: itemAt(grounds, 0).widthMm,
    lengthMm: lay.task.cloth?.lengthMm ?? null,
    usedLengthMm: table.usedMm,
    density: densityOf(lay.placements, lay.task, lay.layers),
    onBorder: lay.task.cloth?.border ? onBorderOf(data.pieces, table.wishes) : null,
    placements: lay.placements.map(({ polygon, ...rest }) => ({
      ...rest,
      polygon: polygon.map(([x, y]): [number, number] => [x, y]),
    })),
    cutAt: null,
  })
  const keep = () =>
    doing(async () => {
      const outcome = await keepLay(record())
      if (outcome.ok) setKept(lay.placements)
      return outcome
    })
  const cut = () =>
    doing(async () => {
      const what = (data.project?.name ?? data.name).slice(0, 120)
      const outcome = await confirmCut({ lay: record(), cloths: data.chosen, what })
      if (outcome.ok) setOffcuts(outcome.offcuts)
      return outcome
    })
  return (
    <>
      <Button onPress={keep} isDisabled={busy || !isFit}>
        Save layout
      </Button>
      {data.chosen.length > 0 && offcuts === null ? (
        <Button onPress={cut} isDisabled={busy || !isFit}>
          Mark as cut
        </Button>
      ) : null}
      <span role="status">
        {trouble ? <Callout $tone="warn">{trouble}</Callout> : null}
        {kept === lay.placements ? 'Saved.' : ''}
        {offcuts ? <CutTold offcuts={offcuts} /> : null}
      </span>
    </>
  )
}

function CutTold({ offcuts }: { offcuts: readonly string[] }) {
  if (offcuts.length === 0) return <>Marked as cut; no offcuts worth saving.</>
  return (
    <>
      Marked as cut. New in your stash:{' '}
      {offcuts.map((id, i) => (
        <span key={id}>
          {i > 0 ? ', ' : ''}
          <Link href={`/stash/${id}`}>offcut {i + 1}</Link>
        </span>
      ))}
      .
    </>
  )
}
