'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { StrongButton } from '@/ui/kit/buttons'
import { Actions, Figures, Lead, Page, Paper, Soft, Stack } from '@/ui/kit/surfaces'
import { type BenchCards } from './loadCards'
import { itemAt } from '@/core/lists/items'
import { Say } from '@/ui/text/Say'

const Sheets = styled.div`
  display: grid;
  gap: 1.5rem;
  ol {
    margin: 0.25rem 0;
    padding-left: 1.3rem;
  }
  @media print {
    display: block;
    font-size: 9pt;
    > * {
      break-after: page;
      border: 0;
      padding: 0;
    }
  }
`
const Scrolled = styled.div`
  overflow-x: auto;
  @media screen {
    table {
      min-width: 44rem;
    }
  }
  th,
  td {
    vertical-align: top;
    text-align: left;
  }
`
const Tests = styled.div`
  display: grid;
  gap: 1rem 1.5rem;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 20rem), 1fr));
  > * {
    break-inside: avoid;
  }
`

/** Cards to hang by the bench and by the machine: a burn chart, the tests without a flame, needles and irons. */
export function CardsToPrint(cards: BenchCards) {
  return (
    <Page>
      <Stack className="screen-only">
        <h1>Reference cards</h1>
        <Lead>
          <Say>
            Three sheets for the wall: what each fibre usually shows at the flame, tests without a flame, needles and
            irons. They come from the same data as our results.
          </Say>
        </Lead>
        <Actions>
          <StrongButton onPress={() => window.print()}>Print or save as PDF</StrongButton>
          <Link href="/identify/blank-log">Blank burn log</Link>
        </Actions>
      </Stack>
      <Sheets>
        <BurnChart {...cards} />
        <TestCards {...cards} />
        <NeedlesAndIrons {...cards} />
      </Sheets>
    </Page>
  )
}

function BurnChart({ looks, burns }: BenchCards) {
  return (
    <Paper aria-labelledby="burn-chart">
      <h2 id="burn-chart">Burn chart</h2>
      <Soft>
        What a careful beginner usually reports; common practice. A few threads, tweezers, a dish of sand or water, an
        open window, no children or pets near. Blends, finishes and dyes change it: one burn is only a hint.
      </Soft>
      <Scrolled role="group" aria-label="Burn chart, scrolled" tabIndex={0}>
        <Figures>
          <thead>
            <tr>
              <th>
                <Say>Fibre</Say>
              </th>
              {looks.map(({ id, title }) => (
                <th key={id}>
                  <Say>{title}</Say>
                </th>
              ))}
            </tr>
          </thead>
          {burns.map(({ family, fibres }) => (
            <tbody key={family}>
              <tr>
                <th colSpan={looks.length + 1} scope="rowgroup">
                  {family}
                </th>
              </tr>
              {fibres.map(({ id, name, seen }) => (
                <tr key={id}>
                  <th scope="row">{name}</th>
                  {seen.map((says, index) => (
                    <td key={itemAt(looks, index).id}>
                      <Say>{says}</Say>
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          ))}
        </Figures>
      </Scrolled>
    </Paper>
  )
}

function TestCards({ tests }: BenchCards) {
  return (
    <Paper aria-labelledby="test-cards">
      <h2 id="test-cards">Tests without a flame</h2>
      <Tests>
        {tests.map(({ id, title, minutes, steps, separates, spoiledBy, caution }) => (
          <section key={id} aria-labelledby={`card-${id}`}>
            <h3 id={`card-${id}`}>
              <Say>{title}</Say>, {minutes} min
            </h3>
            <ol>
              {steps.map((step) => (
                <li key={step}>
                  <Say>{step}</Say>
                </li>
              ))}
            </ol>
            <p>
              Tells apart: <Say>{separates}</Say>
            </p>
            <Soft>
              Misled by: <Say>{spoiledBy}</Say>
            </Soft>
            {caution ? <p>⚠ {caution}</p> : null}
          </section>
        ))}
      </Tests>
    </Paper>
  )
}

function NeedlesAndIrons({ sizes, points, irons }: BenchCards) {
  return (
    <Paper aria-labelledby="needles-irons">
      <h2 id="needles-irons">Needles and irons</h2>
      <Scrolled role="group" aria-label="Needles and irons, scrolled" tabIndex={0}>
        <Figures>
          <caption>
            <Say>The iron’s highest temperature; in a blend the most delicate fibre decides. Try a seam first.</Say>
          </caption>
          <tbody>
            {irons.map(({ dots, celsius, fibres }) => (
              <tr key={dots}>
                <th scope="row">{celsius === null ? 'Do not iron' : `${'•'.repeat(dots)} ${celsius} °C`}</th>
                <td>{fibres.join(', ')}</td>
              </tr>
            ))}
          </tbody>
        </Figures>
        <Figures>
          <caption>Needle size: metric, and US</caption>
          <tbody>
            {sizes.map(({ id, nm, us, text }) => (
              <tr key={id}>
                <th scope="row">{nm}</th>
                <td>{us}</td>
                <td>
                  <Say>{text}</Say>
                </td>
              </tr>
            ))}
          </tbody>
        </Figures>
        <Figures>
          <caption>Needle point</caption>
          <tbody>
            {points.map(({ id, point, text }) => (
              <tr key={id}>
                <th scope="row">{point}</th>
                <td>
                  <Say>{text}</Say>
                </td>
              </tr>
            ))}
          </tbody>
        </Figures>
      </Scrolled>
      <Soft>
        Sizes and points from memory of common practice; irons by ISO 3758, from memory. Start with a new needle.
      </Soft>
    </Paper>
  )
}
