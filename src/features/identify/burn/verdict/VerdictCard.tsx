'use client'

import { type ReactNode } from 'react'
import styled from 'styled-components'
import { fibreById, isTrace } from '@/core/fibres/catalogue'
import { type Answer } from '@/core/identify/identify'
import { type Asks, type Part } from '@/core/vocabulary/observations'
import { fibreName } from '@/core/identify/words'
import { formatPercent } from '@/core/units/format'
import { Skeins } from '@/ui/belief/Skeins'
import { Actions, Lead, Paper, Callout, Soft } from '@/ui/kit/surfaces'
import { usePreferences } from '../../../shared/settings/PreferencesContext'
import { verdictTitle } from '../../../shared/burn/title'
import { Say } from '@/ui/text/Say'

const Card = styled(Paper)`
  border: 0;
  border-left: 14px solid var(--weld);
  box-shadow: var(--shadow);
  h2 {
    font-size: clamp(1.5rem, 1.2rem + 1.4vw, 2.1rem);
  }
`
const Apart = styled.div`
  display: grid;
  gap: 1rem;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 15rem), 1fr));
  section {
    display: grid;
    gap: 0.4rem;
    align-content: start;
    border-top: 2px solid var(--line);
    padding-top: 0.6rem;
    min-width: 0;
  }
`

const ASKED_TITLES: Record<Asks, string> = {
  fibre: '',
  family: 'You asked what kind of fibre it is.',
  plastic: 'You asked whether there is plastic in it.',
  label: 'You asked whether the label is true.',
}
const PART_TITLES: Record<Part, string> = { whole: 'Whole', warp: 'Warp', weft: 'Weft', pile: 'Pile' }

/** What it is, and how sure; the question that was asked first, and each part where they were tested apart. */
export function VerdictCard({ answer, children }: { answer: Answer; children: ReactNode }) {
  const { words } = usePreferences()
  const { verdict, asked, parts, byPart = {} } = answer
  const lookalike = verdict.leaning.map((id) => fibreById(id).lookalike).find((text) => text !== null)
  const traceUnseen =
    answer.warnings.length === 0 &&
    verdict.level !== 'undecided' &&
    verdict.level !== 'blend' &&
    !verdict.leaning.some((id) => isTrace(id))
  return (
    <Card aria-labelledby="verdict">
      <h2 id="verdict">{verdictTitle(answer, words)}</h2>
      {asked.asks === 'fibre' || answer.evidence.length === 0 ? null : (
        <Callout $tone="good">
          <b>{ASKED_TITLES[asked.asks]}</b> <Say>{asked.text}</Say>
        </Callout>
      )}
      {answer.warnings.map(({ id, text }) => (
        <Callout key={id} $tone="warn" role="alert">
          <Say>{text}</Say>
        </Callout>
      ))}
      <Lead role="status">
        <Say>{verdict.text}</Say>
      </Lead>
      {verdict.level === 'undecided' ? null : (
        <Soft>
          How sure: {formatPercent(verdict.probability)}.
          <Say>{lookalike && verdict.level !== 'fibre' ? ` By flame, ${lookalike}.` : ''}</Say>
        </Soft>
      )}
      <Actions>{children}</Actions>
      {traceUnseen ? (
        <Soft>
          A few per cent of {fibreName('elastane', words)} can burn unseen: pull a yarn, and see whether it springs
          back.
        </Soft>
      ) : null}
      <Skeins belief={answer.families} />
      {parts ? (
        <Callout>
          <b>The parts were tested separately.</b> {parts.text}
        </Callout>
      ) : null}
      {Object.keys(byPart).length > 0 ? (
        <Apart>
          {(Object.entries(byPart) as [Part, Answer][]).map(([part, own]) => (
            <section key={part} aria-label={PART_TITLES[part]}>
              <h3>
                {PART_TITLES[part]}: {verdictTitle(own, words).toLowerCase()}
              </h3>
              <Soft>
                <Say>{own.verdict.text}</Say>
              </Soft>
              <Skeins belief={own.families} />
            </section>
          ))}
        </Apart>
      ) : null}
      {verdict.level === 'blend' ? <HowMuchOfEach /> : null}
    </Card>
  )
}

function HowMuchOfEach() {
  return (
    <details>
      <summary>How much of each?</summary>
      <p>
        <Say>
          A flame can’t show percentages: thirty and sixty per cent leave the same ash. A textile laboratory dissolves
          one fibre after the other and weighs the rest (the methods of the ISO 1833 series). If you sell something
          made of this, its label needs those figures, within 3 percentage points. The law is 16 CFR 303.43 in the
          United States and Regulation (EU) 1007/2011 in the European Union.
        </Say>
      </p>
    </details>
  )
}
