'use client'

import { Button as AriaButton } from 'react-aria-components'
import styled from 'styled-components'
import { features } from '@/core/identify/features'
import { reportRepeatsOf } from '@/core/identify/repeats'
import { type TestAnswer } from '@/core/notebook/answers'
import { PART_WORDS, partOf, statesWords } from '../../../shared/burn/session'
import { useDates } from '../../../shared/settings/useDates'

const Scroll = styled.div`
  overflow-x: auto;
`
const Table = styled.table`
  border-collapse: collapse;
  width: 100%;
  th,
  td {
    text-align: left;
    vertical-align: top;
    padding: 0.35rem 0.6rem;
    border-bottom: 1px solid var(--line);
  }
  thead th {
    font-weight: 600;
    border-bottom: 2px solid var(--ink-soft);
  }
  tbody th {
    font-weight: 400;
    color: var(--ink-soft);
    white-space: nowrap;
  }
  tr[data-how='differ'] td {
    background: color-mix(in srgb, var(--madder) 12%, var(--paper));
  }
  small {
    color: var(--ink-soft);
    display: block;
    font-weight: 400;
  }
`
const Cell = styled(AriaButton)`
  background: none;
  border: 0;
  border-bottom: 1.5px dotted var(--ink-soft);
  min-height: 2rem;
  padding: 0.1rem 0;
  text-align: left;
  cursor: pointer;
  &[data-hovered] {
    border-bottom-style: solid;
  }
  &[data-focus-visible] {
    outline: 3px solid var(--madder);
    outline-offset: 2px;
  }
`

const HOW_WORDS = { once: '', agree: 'they agree', differ: 'they differ' } as const

interface Props {
  answers: readonly TestAnswer[]
  specimens: readonly number[]
  /** Asks the question again for one specimen; left out on paper. */
  onCorrect?: (feature: string, specimen: number) => void
}

/** Every specimen with its answers and their times, a column a specimen; where they differ, it is marked and said. */
export function LogTable({ answers, specimens, onCorrect }: Props) {
  const asked = features.filter(({ id, kind }) => kind === 'burn' || answers.some(({ feature }) => feature === id))
  const repeats = reportRepeatsOf(answers)
  const { secondsText } = useDates()
  return (
    <Scroll tabIndex={0} role="region" aria-label="Answers">
      <Table>
        <thead>
          <tr>
            <th scope="col">Question</th>
            {specimens.map((specimen) => (
              <th key={specimen} scope="col">
                Sample {specimen}
                <small>{PART_WORDS[partOf(specimen, [], answers)]}</small>
              </th>
            ))}
            {specimens.length > 1 ? <th scope="col">Together</th> : null}
          </tr>
        </thead>
        <tbody>
          {asked.map(({ id, title }) => {
            const hows = repeats.filter(({ feature }) => feature.id === id).map(({ how }) => how)
            const how = hows.includes('differ') ? 'differ' : hows.includes('agree') ? 'agree' : 'once'
            return (
              <tr key={id} data-how={how}>
                <th scope="row">{title}</th>
                {specimens.map((specimen) => {
                  const answer = answers.find((one) => one.feature === id && one.specimen === specimen)
                  const words = !answer
                    ? '–'
                    : answer.states.length === 0
                      ? 'not sure'
                      : statesWords(id, answer.states)
                  return (
                    <td key={specimen}>
                      {onCorrect ? (
                        <Cell
                          aria-label={`${title}, sample ${specimen}: ${answer ? words : 'not asked'}. Change it`}
                          onPress={() => onCorrect(id, specimen)}
                        >
                          {words}
                        </Cell>
                      ) : (
                        words
                      )}
                      {answer?.at ? <small suppressHydrationWarning>{secondsText(answer.at)}</small> : null}
                    </td>
                  )
                })}
                {specimens.length > 1 ? <td>{HOW_WORDS[how]}</td> : null}
              </tr>
            )
          })}
        </tbody>
      </Table>
    </Scroll>
  )
}
