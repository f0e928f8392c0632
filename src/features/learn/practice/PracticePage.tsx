'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import styled from 'styled-components'
import { type FibreId } from '@/core/vocabulary/fibres'
import { BurnStrip } from '@/ui/burn'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Columns, Fields, Lead, Page, Paper, PlainList, Slip, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { answerSpecimen, type Told } from './actions'
import { type PracticeData } from './load'

const SURENESS = [
  ['0.5', 'I am guessing (5 in 10)'],
  ['0.65', 'I lean to it (6 or 7 in 10)'],
  ['0.8', 'fairly sure (8 in 10)'],
  ['0.9', 'sure (9 in 10)'],
  ['0.99', 'certain (99 in 100)'],
] as const

const Asks = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.5rem 1rem;
  align-items: center;
  grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
`

/** Practice at the bench, without a flame: ask for what you want to see, say what it is, and how sure. */
export function PracticePage(data: PracticeData) {
  const { stages, token, due, answered, isOwnNose } = data
  const [asked, setAsked] = useState<readonly string[]>([])
  const [told, setTold] = useState<Told | null>(null)
  const shown = stages.filter(({ feature }) => told !== null || asked.includes(feature))
  const seen = Object.fromEntries(shown.map(({ feature, states }) => [feature, states]))
  const describe = (features: readonly string[]) =>
    shown
      .filter(({ feature }) => features.includes(feature))
      .map(({ title, says }) => `${title}: ${says}`)
      .join('; ') || 'not looked at'
  return (
    <Page>
      <div>
        <h1>Practice at the bench</h1>
        {told ? (
          <Lead role="status">{verdictOf(told)}</Lead>
        ) : (
          <Lead>
            A pinch of yarns, and no flame: ask for what you want to see, then say what it is, and how sure.
          </Lead>
        )}
        <Soft>
          {due > 0 ? `${due} to see again today. ` : ''}
          {answered > 0 ? <Link href="/learn/score">How far your sureness is to be trusted</Link> : null}{' '}
          {isOwnNose ? 'It smells as you said that your known pieces do.' : ''}
        </Soft>
      </div>
      <BurnStrip seen={seen} describe={describe} />
      {told ? (
        <AnswerTold told={told} />
      ) : (
        <Columns $first="1.4fr">
          <Paper aria-labelledby="ask">
            <h2 id="ask">What do you look at?</h2>
            <Asks>
              {stages.map(({ feature, title, says }) => (
                <li key={feature}>
                  {asked.includes(feature) ? (
                    <span role="status">
                      <b>{title}:</b> {says}
                    </span>
                  ) : (
                    <Button onPress={() => setAsked([...asked, feature])}>{title}</Button>
                  )}
                </li>
              ))}
            </Asks>
          </Paper>
          <Say data={data} asked={asked} token={token} onTold={setTold} />
        </Columns>
      )}
    </Page>
  )
}

function verdictOf({ was, familyRight, fibreRight }: Told): string {
  if (familyRight && fibreRight === true) return `Right: ${was.toLowerCase()}.`
  if (familyRight) return `The family is right. It was ${was.toLowerCase()}.`
  return `Not this time: it was ${was.toLowerCase()}.`
}

interface SayProps {
  data: PracticeData
  asked: readonly string[]
  token: string
  onTold: (told: Told) => void
}

function Say({ data: { families, fibres }, asked, token, onTold }: SayProps) {
  const [family, setFamily] = useState<PracticeData['families'][number][0]>('plant')
  const [first, setFirst] = useState<FibreId | ''>('')
  const [second, setSecond] = useState<FibreId | ''>('')
  const [sure, setSure] = useState<(typeof SURENESS)[number][0]>('0.65')
  const [isBusy, setBusy] = useState(false)
  const [trouble, setTrouble] = useState('')
  const options = [['', 'none'] as const, ...fibres]
  const say = async () => {
    setBusy(true)
    try {
      const chosen = [...new Set([first, second])].filter((id): id is FibreId => id !== '')
      onTold(await answerSpecimen({ token, asked, family, fibres: chosen, sure: Number(sure) }))
    } catch {
      setTrouble('It could not be kept. Try again.')
    } finally {
      setBusy(false)
    }
  }
  return (
    <Paper aria-labelledby="say">
      <h2 id="say">What is it?</h2>
      <Stack>
        <SelectField label="Family (most of it)" value={family} onChange={setFamily} options={families} />
        <Fields>
          <SelectField label="Fibre" value={first} onChange={setFirst} options={options} />
          <SelectField label="and with it" value={second} onChange={setSecond} options={options} />
        </Fields>
        <SelectField label="How sure are you of the family?" value={sure} onChange={setSure} options={SURENESS} />
        <Actions>
          <StrongButton isDisabled={isBusy || asked.length === 0} onPress={() => void say()}>
            That is what it is
          </StrongButton>
        </Actions>
        {asked.length === 0 ? <Soft>Look at something first.</Soft> : null}
        <Trouble>{trouble}</Trouble>
      </Stack>
    </Paper>
  )
}

function AnswerTold({ told }: { told: Told }) {
  const router = useRouter()
  return (
    <Columns $first="1.4fr">
      <Paper aria-labelledby="told">
        <h2 id="told">What told most</h2>
        <PlainList>
          {told.evidence.map(({ seen, says }) => (
            <li key={seen}>
              <b>{seen}</b>: {says}.
            </li>
          ))}
        </PlainList>
        <p>
          <b>From what you looked at, an expert would say:</b> {told.expert}
        </p>
        {told.next ? (
          <p>
            <b>And look next:</b> {told.next}
          </p>
        ) : null}
      </Paper>
      <Slip $tone={told.familyRight ? 'good' : 'plain'}>
        <Stack $gap="0.6rem">
          <p>You see it again {dueWords(told.due)}.</p>
          <Actions>
            <StrongButton onPress={() => router.refresh()}>Another specimen</StrongButton>
            <Link href="/learn/score">My score</Link>
          </Actions>
        </Stack>
      </Slip>
    </Columns>
  )
}

function dueWords(due: string): string {
  const days = Math.round((Date.parse(due) - Date.now()) / 86_400_000)
  if (days < 1) return 'today'
  return days === 1 ? 'tomorrow' : `in ${days} days`
}
