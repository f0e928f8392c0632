'use client'

import { countNoun } from '@/core/units/format'
import Link from 'next/link'
import { useCallback } from 'react'
import { EChart, type Palette } from '@/ui/charts/EChart'
import { StrongLink } from '@/ui/kit/links'
import { Actions, Columns, Figures, Lead, Page, Paper, Soft } from '@/ui/kit/surfaces'
import { type ScoreData } from './load'
import { Say } from '@/ui/text/Say'

const percent = (share: number | null) => (share === null ? 'none' : `${Math.round(share * 100)} %`)

/** How practice went: not how often in a row, but how far one’s own sureness is to be trusted. */
export function ScorePage(data: ScoreData) {
  const { score, words } = data
  return (
    <Page>
      <div>
        <h1>My score</h1>
        <Lead>{words}</Lead>
        <Soft>
          <Say>{scoreWords(score)}</Say>
        </Soft>
      </div>
      <Actions>
        <StrongLink href="/learn/practice">
          <Say>Practise</Say>
        </StrongLink>
        <Link href="/identify/samples">Burn known samples</Link>
      </Actions>
      {score.count > 0 ? (
        <>
          <Columns $first="1.2fr">
            <Sureness {...data} />
            <TakenFor {...data} />
          </Columns>
          <Halves {...data} />
          <Remembered {...data} />
        </>
      ) : null}
    </Page>
  )
}

function Sureness({ reliability }: ScoreData) {
  const option = useCallback((palette: Palette) => reliabilityOption(reliability, palette), [reliability])
  return (
    <Paper aria-labelledby="sureness">
      <h2 id="sureness">
        How sure you were, and how often right <Soft as="span">(reliability)</Soft>
      </h2>
      <EChart
        height={260}
        label="Share of right answers by how sure you were; the figures are in the table below"
        option={option}
      />
      <Figures>
        <thead>
          <tr>
            <th scope="col">you said</th>
            <th scope="col">were right</th>
            <th scope="col">answers</th>
          </tr>
        </thead>
        <tbody>
          {reliability.map(({ claimed, right, sd, count }) => (
            <tr key={claimed}>
              <th scope="row">{percent(claimed)}</th>
              <td>
                {percent(right)} ± {Math.round(sd * 100)}
              </td>
              <td>{count}</td>
            </tr>
          ))}
        </tbody>
      </Figures>
    </Paper>
  )
}

/** What the program foretold that would be known again, beside what was. */
function Remembered({ foretold }: ScoreData) {
  if (foretold.length === 0) return null
  return (
    <Paper aria-labelledby="remembered">
      <h2 id="remembered">What you still remember</h2>
      <Soft>
        We predict your later answers from your earlier ones: this decides what comes next. Where the two figures are
        close, the prediction works.
      </Soft>
      <Figures>
        <thead>
          <tr>
            <th scope="col">predicted</th>
            <th scope="col">actual</th>
            <th scope="col">answers</th>
          </tr>
        </thead>
        <tbody>
          {foretold.map(({ foretold: said, came, count }) => (
            <tr key={said}>
              <th scope="row">{percent(said)}</th>
              <td>{percent(came)}</td>
              <td>{count}</td>
            </tr>
          ))}
        </tbody>
      </Figures>
    </Paper>
  )
}

function reliabilityOption(points: ScoreData['reliability'], palette: Palette) {
  const axis = (name: string) => ({
    type: 'value',
    name,
    nameLocation: 'middle',
    nameGap: 26,
    nameTextStyle: { color: palette('ink-soft') },
    axisLabel: { color: palette('ink-soft'), formatter: (value: number) => `${Math.round(value * 100)}` },
    splitLine: { lineStyle: { color: palette('line') } },
  })
  return {
    grid: { left: 36, right: 16, top: 12, bottom: 34, containLabel: true },
    xAxis: { ...axis('you said, %'), min: 0.4, max: 1 },
    yAxis: { ...axis('were right, %'), min: 0, max: 1 },
    series: [
      {
        type: 'line',
        data: [
          [0.4, 0.4],
          [1, 1],
        ],
        showSymbol: false,
        lineStyle: { color: palette('ink-soft'), type: 'dashed' },
      },
      {
        type: 'scatter',
        data: points.map(({ claimed, right }) => [claimed, right]),
        symbolSize: (_: unknown, { dataIndex }: { dataIndex: number }) =>
          8 + 2 * Math.sqrt(points[dataIndex]?.count ?? 0),
        itemStyle: { color: palette('madder') },
      },
    ],
  }
}

function TakenFor({ confusions }: ScoreData) {
  return (
    <Paper aria-labelledby="taken">
      <h2 id="taken">What you confuse</h2>
      {confusions.length === 0 ? (
        <Soft>You have not confused any families yet.</Soft>
      ) : (
        <Figures>
          <thead>
            <tr>
              <th scope="col">it was</th>
              <th scope="col">you said</th>
              <th scope="col">times</th>
            </tr>
          </thead>
          <tbody>
            {confusions.map(({ was, said, count }) => (
              <tr key={`${was} ${said}`}>
                <th scope="row">{was}</th>
                <td>{said}</td>
                <td>{count}</td>
              </tr>
            ))}
          </tbody>
        </Figures>
      )}
    </Paper>
  )
}

function Halves({ before, after, score }: ScoreData) {
  const rows = [
    ['first half', before],
    ['second half', after],
    ['all', score],
  ] as const
  return (
    <Paper aria-labelledby="halves">
      <h2 id="halves">Progress</h2>
      <Figures>
        <thead>
          <tr>
            <th scope="col">answers</th>
            <th scope="col">family</th>
            <th scope="col">
              <Say>fibre</Say>
            </th>
            <th scope="col">Brier score (0 is best)</th>
            <th scope="col">log score (0 is best)</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([name, one]) => (
            <tr key={name}>
              <th scope="row">
                {name}, {one.count}
              </th>
              <td>{percent(one.family)}</td>
              <td>{percent(one.fibre)}</td>
              <td>{one.brier.toFixed(2)}</td>
              <td>{one.log.toFixed(2)}</td>
            </tr>
          ))}
        </tbody>
      </Figures>
    </Paper>
  )
}

function scoreWords({ count, family, fibre }: ScoreData['score']): string {
  if (count === 0) return 'No answers yet.'
  const ventured = `fibre, where you named one, in ${percent(fibre)}`
  return `${countNoun(count, 'answer')}. Family right in ${percent(family)}; ${ventured}.`
}
