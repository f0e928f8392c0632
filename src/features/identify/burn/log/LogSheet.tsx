'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { burnFeatures, otherFeatures } from '@/core/identify/features'
import { type Answer } from '@/core/identify/identify'
import { type TestAnswer } from '@/core/notebook/answers'
import { type SpecimenNote, type TestSetup } from '@/core/notebook/kinds/burnTest'
import { type DrawnYarn } from '@/ui/burn'
import { StrongButton } from '@/ui/kit/buttons'
import { Actions, Page, Soft } from '@/ui/kit/surfaces'
import { fibreName } from '@/core/identify/words'
import { usePreferences } from '../../../shared/settings/PreferencesContext'
import { sessionSpecimensOf } from '../../../shared/burn/session'
import { Strips } from '../../../shared/burn/Strips'
import { verdictTitle } from '../../../shared/burn/title'
import { LogTable } from './LogTable'
import { useDates } from '../../../shared/settings/useDates'
import { Say } from '@/ui/text/Say'

const Sheet = styled.article`
  h1 {
    font-size: 1.6rem;
  }
  background: #fff;
  color: #111;
  --paper: #fff;
  --ink: #111;
  --ink-soft: #333;
  --line: #999;
  padding: clamp(1rem, 3vw, 2rem);
  border: 1px solid var(--line);
  display: grid;
  gap: 1rem;
  min-width: 0;
  dl {
    margin: 0;
    display: grid;
    grid-template-columns: max-content minmax(0, 1fr);
    gap: 0.3rem 1.2rem;
  }
  dt {
    color: #333;
  }
  dd {
    margin: 0;
    border-bottom: 1px solid #999;
    min-height: 1.5rem;
  }
  @media print {
    border: 0;
    padding: 0;
    font-size: 10pt;
  }
`
const Boxes = styled.table`
  border-collapse: collapse;
  width: 100%;
  th,
  td {
    border: 1px solid #777;
    padding: 0.25rem 0.4rem;
    text-align: left;
    vertical-align: top;
    font-size: 0.85rem;
  }
  th {
    font-weight: 600;
  }
  table-layout: fixed;
  col.look {
    width: 16%;
  }
  col.blank {
    width: 14%;
  }
  tr {
    break-inside: avoid;
  }
`

export interface LogSheetProps {
  name: string
  made: string
  answers: TestAnswer[]
  notes: SpecimenNote[]
  setup: TestSetup
  belief: Answer
  yarn?: DrawnYarn
}

/** A filled log on one sheet of paper. */
export function LogSheet({ name, made, answers, notes, setup, belief, yarn }: LogSheetProps) {
  const { words } = usePreferences()
  const { momentText } = useDates()
  return (
    <PrintPage title={`Burn log: ${name}`}>
      <dl>
        <dt>Started</dt>
        <dd suppressHydrationWarning>{momentText(made)}</dd>
        <dt>Label says</dt>
        <dd>
          {setup.claim.map(({ fibre, percent }) => `${percent} % ${fibreName(fibre, words)}`).join(', ') || 'nothing'}
        </dd>
        <dt>Result</dt>
        <dd>
          <b>{verdictTitle(belief, words)}.</b> <Say>{belief.verdict.text}</Say>
        </dd>
      </dl>
      <Strips answers={answers} notes={notes} yarn={yarn} />
      <LogTable answers={answers} specimens={sessionSpecimensOf(answers, notes)} />
      <Soft>
        A home test tells what a fabric is made of. It does not test how flammable it is, and gives no percentages.
      </Soft>
    </PrintPage>
  )
}

/** An empty log, to fill in by hand. */
export function EmptySheet() {
  return (
    <PrintPage title="Burn log">
      <dl>
        {['Fabric', 'Date', 'Label or seller says', 'Known samples beside it'].map((word) => (
          <Line key={word} word={word} />
        ))}
      </dl>
      <Boxes>
        <colgroup>
          <col className="look" />
          <col />
          <col className="blank" />
          <col className="blank" />
          <col className="blank" />
        </colgroup>
        <thead>
          <tr>
            <th scope="col">Look for</th>
            <th scope="col">Circle one, or two where you see two</th>
            {[1, 2, 3].map((number) => (
              <th key={number} scope="col">
                Yarn {number}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">Taken from</th>
            <td>whole · warp · weft · pile</td>
            <td />
            <td />
            <td />
          </tr>
          {[...burnFeatures, ...otherFeatures].map(({ id, title, states }) => (
            <tr key={id}>
              <th scope="row">
                <Say>{title}</Say>
              </th>
              <td>
                <Say>{states.map(({ label }) => label.toLowerCase()).join(' · ')}</Say>
              </td>
              <td />
              <td />
              <td />
            </tr>
          ))}
        </tbody>
      </Boxes>
      <Soft>
        <Say>
          Window open or fan on, water beside you, tongs, hair and sleeves tied back. Wait until the residue is cold.
          Never burn glass fibre or old heat-resistant fabric. Acetone: no flame in the room. Bleach: alone in the
          dish.
        </Say>
      </Soft>
    </PrintPage>
  )
}

function Line({ word }: { word: string }) {
  return (
    <>
      <dt>{word}</dt>
      <dd />
    </>
  )
}

/** A page for paper, with the button that prints it. */
export function PrintPage({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Page>
      <Actions className="screen-only">
        <StrongButton onPress={() => window.print()}>Print or save as PDF</StrongButton>
        <Link href="/identify/burn">Burn tests</Link>
      </Actions>
      <Sheet>
        <h1>{title}</h1>
        {children}
      </Sheet>
    </Page>
  )
}
