'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import { AREA_M2, countNoun, type UnitSystem } from '@/core/units/format'
import { NOWHERE } from '@/core/cards/sheets'
import { useCallback } from 'react'
import styled from 'styled-components'
import { EmptyState } from '@/ui/empty/EmptyState'
import { StrongLink } from '@/ui/kit/links'
import { type FigureLine, type Month } from '@/core/stashSearch/looking'
import { EChart, type Palette } from '@/ui/charts/EChart'
import { Figures, Page, Paper, PlainList, Soft, Stack, Tiles } from '@/ui/kit/surfaces'
import { type loadLooking } from './load'
import { useDates } from '../../shared/settings/useDates'
import { type Dates } from '../../shared/dates'
import { Say } from '@/ui/text/Say'
import { useSay } from '@/ui/text/reader'
import { GRAMS_PER_POUND } from '@/core/units/constants'
import { type FieldUnit } from '../../shared/settings/measures'
import { usePreferences } from '../../shared/settings/PreferencesContext'

// It stands below its chart.
const SortTable = dynamic(() => import('@/ui/kit/SortTable').then(({ SortTable: part }) => part))

const Wide = styled(Paper)`
  th[scope='row'] {
    white-space: nowrap;
  }
  @media (min-width: 60rem) {
    grid-column: span 2;
  }
`

type Props = Awaited<ReturnType<typeof loadLooking>>

/** The stash as a whole: what there is, what is known, what comes and goes, what waits. */
export function LookingPage({ pieces, families, weights, knowing, money, months, waiting }: Props) {
  // What was used up is still told.
  const isBare = pieces === 0 && months.every(({ inM2, outM2, inKg, outKg }) => inM2 + outM2 + inKg + outKg === 0)
  return (
    <Page>
      <div>
        <h1>Overview</h1>
        <Soft>{countNoun(pieces, 'fabric')}; each line opens its fabrics.</Soft>
      </div>
      {isBare ? (
        <EmptyState
          drawing="bars"
          text="This page will show how much you have of each fibre and weight, and what it is worth."
        >
          <StrongLink href="/stash/add">Add your first fabric</StrongLink>
        </EmptyState>
      ) : (
        <Tiles>
          <Figure title="Stash by fibre" lines={families} />
          <Figure title="Stash by weight" lines={weights} />
          <Figure title="How much is known, and how" lines={knowing} />
          <ComingAndGoing months={months} />
          <Stack>
            <Paper aria-labelledby="money">
              <h2 id="money">Value of the stash</h2>
              {money.length === 0 ? <p>You have entered no prices yet.</p> : null}
              <PlainList $gap="0.3rem">
                {money.map(({ place, currency, paid, pieces: count, query }) => (
                  <li key={place + currency}>
                    <Link href={`/stash?${query}`}>{place || NOWHERE}</Link>: {currency}
                    {paid.toFixed(2)}, {countNoun(count, 'fabric')}
                  </li>
                ))}
              </PlainList>
            </Paper>
            <Paper aria-labelledby="waiting">
              <h2 id="waiting">Oldest fabrics that suit no pattern</h2>
              <PlainList $gap="0.3rem">
                {waiting.map(({ id, name, days }) => (
                  <li key={id}>
                    <Link href={`/stash/${id}`}>{name}</Link>, {countNoun(days, 'day')}
                  </li>
                ))}
              </PlainList>
              {waiting.length === 0 ? <p>None: every fabric suits a pattern.</p> : null}
            </Paper>
          </Stack>
        </Tiles>
      )}
    </Page>
  )
}

/** What a chart of areas says, in a sentence: where most of it lies. */
function mostWords(lines: readonly FigureLine[], { symbol, inCore }: FieldUnit): string {
  const [most] = lines.toSorted((a, b) => b.m2 - a.m2)
  const all = lines.reduce((sum, { m2 }) => sum + m2, 0)
  if (!most || all <= 0) return 'No size is known yet.'
  const share = Math.round((most.m2 / all) * 100)
  const area = `${(most.m2 / inCore).toFixed(0)} ${symbol}`
  return `Most is ${most.label.toLowerCase()}: ${area}, ${share} % of what is measured.`
}

const LINE_PX = 34
/** How wide a letter of a label is, at the most. */
const LETTER_PX = 6.6
const idOf = (title: string) => title.toLowerCase().replace(/[^a-z]+/g, '-')

/** A figure of areas as bars, with the same in a table. */
function Figure({ title, lines }: { title: string; lines: readonly FigureLine[] }) {
  const say = useSay()
  const { area, mass } = useStashUnits()
  const option = useCallback((palette: Palette) => barsOption(lines, palette, area), [lines, area])
  return (
    <Paper aria-labelledby={idOf(title)}>
      <h2 id={idOf(title)}>
        <Say>{title}</Say>
      </h2>
      {lines.length === 0 ? (
        <p>Nothing to show yet.</p>
      ) : (
        <>
          <p>{mostWords(lines, area)}</p>
          <EChart
            height={70 + LINE_PX * lines.length}
            label={say(`${title}, ${area.symbol}; the figures are in the table below`)}
            option={option}
          />
          <SortTable
            label={title}
            columns={['of', 'pieces', area.symbol, mass.symbol]}
            rows={lines.map(({ label, pieces, m2, kg, query }) => ({
              id: label,
              cells: [
                { shown: <Link href={`/stash?${query}`}>{label}</Link>, by: label },
                { shown: pieces, by: pieces },
                { shown: (m2 / area.inCore).toFixed(1), by: m2 },
                { shown: (kg / mass.inCore).toFixed(1), by: kg },
              ],
            }))}
          />
        </>
      )}
    </Paper>
  )
}

function axisOf(palette: Palette) {
  return { axisLabel: { color: palette('ink-soft') }, splitLine: { lineStyle: { color: palette('line') } } }
}

function barsOption(lines: readonly FigureLine[], palette: Palette, area: FieldUnit) {
  const longest = Math.max(...lines.map(({ label }) => label.length))
  return {
    grid: { left: 12 + LETTER_PX * longest, right: 16, top: 6, bottom: 44 },
    xAxis: {
      ...{ type: 'value', name: area.symbol, nameLocation: 'middle', nameGap: 26 },
      nameTextStyle: { color: palette('ink-soft') },
      ...axisOf(palette),
    },
    yAxis: {
      type: 'category',
      inverse: true,
      data: lines.map(({ label }) => label),
      axisLabel: { color: palette('ink-soft') },
    },
    series: [
      {
        type: 'bar',
        data: lines.map(({ m2 }) => Math.round((m2 / area.inCore) * 10) / 10),
        itemStyle: { color: palette('indigo') },
        barMaxWidth: 18,
      },
    ],
  }
}

/** What came and what went, month by month. */
function ComingAndGoing({ months }: { months: readonly Month[] }) {
  const { area, mass } = useStashUnits()
  const { monthText } = useDates()
  const option = useCallback(
    (palette: Palette) => monthsOption(months, palette, { area, monthText }),
    [months, area, monthText],
  )
  return (
    <Wide aria-labelledby="months">
      <h2 id="months">Added and used</h2>
      <EChart
        height={230}
        label={`Fabric added and used each month, ${area.symbol}; the figures are in the table below`}
        option={option}
      />
      <Figures>
        <thead>
          <tr>
            <th scope="col">month</th>
            <th scope="col">added, {area.symbol}</th>
            <th scope="col">used, {area.symbol}</th>
            <th scope="col">added, {mass.symbol}</th>
            <th scope="col">used, {mass.symbol}</th>
          </tr>
        </thead>
        <tbody>
          {months.map(({ month, inM2, outM2, inKg, outKg }) => (
            <tr key={month}>
              <th scope="row">{monthText(month)}</th>
              <td>{(inM2 / area.inCore).toFixed(1)}</td>
              <td>{(outM2 / area.inCore).toFixed(1)}</td>
              <td>{(inKg / mass.inCore).toFixed(1)}</td>
              <td>{(outKg / mass.inCore).toFixed(1)}</td>
            </tr>
          ))}
        </tbody>
      </Figures>
    </Wide>
  )
}

function monthsOption(
  months: readonly Month[],
  palette: Palette,
  { area, monthText }: Pick<Dates, 'monthText'> & { area: FieldUnit },
) {
  const series = (name: string, color: string, of: (month: Month) => number) => ({
    type: 'bar',
    name,
    data: months.map((month) => Math.round((of(month) / area.inCore) * 10) / 10),
    itemStyle: { color },
  })
  return {
    grid: { left: 8, right: 8, top: 34, bottom: 8, containLabel: true },
    legend: { top: 0, textStyle: { color: palette('ink') } },
    xAxis: { type: 'category', data: months.map(({ month }) => monthText(month)), ...axisOf(palette) },
    yAxis: { type: 'value', name: area.symbol, nameTextStyle: { color: palette('ink-soft') }, ...axisOf(palette) },
    series: [
      series('came', palette('indigo'), ({ inM2 }) => inM2),
      series('went', palette('madder'), ({ outM2 }) => outM2),
    ],
  }
}

/** What areas and masses of the stash are shown in; in its core units, m² and kg, one is so many. */
const STASH_UNITS: Readonly<Record<UnitSystem, { area: FieldUnit; mass: FieldUnit }>> = {
  metric: { area: { symbol: 'm²', inCore: 1 }, mass: { symbol: 'kg', inCore: 1 } },
  imperial: {
    area: { symbol: 'yd²', inCore: AREA_M2.imperial },
    mass: { symbol: 'lb', inCore: GRAMS_PER_POUND / 1000 },
  },
}

const useStashUnits = () => STASH_UNITS[usePreferences().units]
