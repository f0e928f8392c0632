'use client'

import { useCallback, useMemo, useState } from 'react'
import styled from 'styled-components'
import { families } from '@/core/fibres/families'
import { FAMILIES } from '@/core/vocabulary/fibres'
import { type Answer, type IdentifyQuestion } from '@/core/identify/identify'
import { verdictBriefly } from '@/core/identify/verdict'
import { beliefSteps } from '@/core/identify/whatIf'
import { formatPercent } from '@/core/units/format'
import { EChart, type Palette } from '@/ui/charts/EChart'
import { ChoiceField } from '@/ui/kit/fields'
import { Figures, Paper, Soft } from '@/ui/kit/surfaces'
import { usePreferences } from '../../../shared/settings/PreferencesContext'
import { evidenceColumns, evidenceOption, stepsOption } from './evidenceOptions'
import { WhatIf } from './WhatIf'
import { evidenceWords, whyTitleOf } from '../../../shared/burn/why'
import { ShareBar } from '@/ui/kit/Share'
import { itemAt, mustHave } from '@/core/lists/items'

const List = styled.ol`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.5rem;
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 4.5rem;
    gap: 0.1rem 0.75rem;
    align-items: center;
  }
  span {
    color: var(--ink-soft);
  }
  i {
    height: 8px;
    background: var(--indigo);
    justify-self: start;
    grid-row: 1 / 3;
    grid-column: 2;
    min-width: 2px;
  }
`
const Scroll = styled.div`
  overflow-x: auto;
`

const LOUDEST_BITS = 6
const ROW_HEIGHT = 36

/** Why: the answers in words, as a picture, and what another answer would have made of it. */
export function Why({ question, answer }: { question: IdentifyQuestion; answer: Answer }) {
  const { words } = usePreferences()
  const [view, setView] = useState('words')
  const evidence = answer.evidence
  return (
    <Paper aria-labelledby="why">
      <h2 id="why">Why</h2>
      {evidence.length === 0 ? (
        <Soft>No answers yet; these are typical odds.</Soft>
      ) : (
        <ChoiceField
          label="Show"
          value={view}
          onChange={setView}
          options={[
            ['words', 'In words'],
            ['cells', 'What each answer did'],
            ['steps', 'How the odds changed'],
          ]}
        />
      )}
      {view === 'words' ? <InWords evidence={evidence} /> : null}
      {view === 'cells' && evidence.length > 0 ? <ByAnswer evidence={evidence} /> : null}
      {view === 'steps' && evidence.length > 0 ? <StepByStep question={question} /> : null}
      {evidence.length > 0 ? (
        <WhatIf question={question} answerWords={`it is ${verdictBriefly(answer.verdict, words)}`} />
      ) : null}
      <Soft>
        Answers about the same thing (one residue, one flame) don’t count twice: the strongest counts in full, the
        others less.
      </Soft>
    </Paper>
  )
}

type Evidence = Answer['evidence']

/** The strongest first. */
function InWords({ evidence }: { evidence: Evidence }) {
  const said = evidence.map(evidenceWords).sort((a, b) => b.strength - a.strength)
  return (
    <List>
      {said.map(({ seen, says, strength }) => (
        <li key={seen}>
          <b>{seen}</b>
          <span>{says}</span>
          <ShareBar $of={strength / LOUDEST_BITS} />
        </li>
      ))}
    </List>
  )
}

/** What each answer did to each family. */
function ByAnswer({ evidence }: { evidence: Evidence }) {
  const columns = useMemo(() => evidenceColumns(evidence), [evidence])
  const cells = useCallback((palette: Palette) => evidenceOption(evidence, columns, palette), [evidence, columns])
  return (
    <>
      <EChart
        label="What each answer did to each family; the figures are in the table below"
        height={evidence.length * ROW_HEIGHT + 36}
        option={cells}
      />
      <Soft>
        ×4: this answer made it four times likelier that the fabric is of this family alone
        {columns.length > FAMILIES.length ? ', or of the blend' : ''}; ÷4: four times less likely.
      </Soft>
      <FamilyFigures
        head="Answer, bits"
        columns={columns.map(({ name }) => name)}
        rows={evidence.map((one) => [whyTitleOf(one), columns.map(({ bitsOf }) => bitsOf(one).toFixed(1))])}
      />
    </>
  )
}

/** How likely each family was, answer by answer. */
function StepByStep({ question }: { question: IdentifyQuestion }) {
  const { words } = usePreferences()
  const steps = useMemo(() => beliefSteps(question, words), [question, words])
  const labels = useMemo(() => ['before', ...question.observations.map(whyTitleOf)], [question])
  const lines = useCallback((palette: Palette) => stepsOption(steps, labels, palette), [steps, labels])
  return (
    <>
      <EChart
        label="How likely each family was, answer by answer; the figures are in the table below"
        height={380}
        option={lines}
      />
      <FamilyFigures
        head="After"
        columns={FAMILIES.map((id) => families[id].name)}
        rows={steps.map((step, index) => [
          itemAt(labels, index),
          FAMILIES.map((id) => formatPercent(mustHave(step.families.find((one) => one.id === id)).present)),
        ])}
      />
    </>
  )
}

/** The figures of a chart, a column a family, or the mixture. */
function FamilyFigures({
  head,
  columns,
  rows,
}: {
  head: string
  columns: readonly string[]
  rows: readonly (readonly [name: string, values: readonly string[]])[]
}) {
  return (
    <details>
      <summary>Figures</summary>
      <Scroll tabIndex={0} role="region" aria-label="Figures">
        <Figures>
          <thead>
            <tr>
              <th scope="col">{head}</th>
              {columns.map((name) => (
                <th key={name} scope="col">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(([name, values], index) => (
              <tr key={index}>
                <th scope="row">{name}</th>
                {values.map((value, column) => (
                  <td key={columns[column]}>{value}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </Figures>
      </Scroll>
    </details>
  )
}
