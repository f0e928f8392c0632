'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { StrongButton } from '@/ui/kit/buttons'
import { Actions, Columns, Lead, Page, Paper, PlainList, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { SayWhat, type SaidSo } from '../say/SayWhat'
import { useSaying } from '../say/useSaying'
import { answerSpecimen, type PracticeAnswer } from './actions'
import { type PracticeData } from './load'
import { Tray } from './Tray'
import { Say } from '@/ui/text/Say'

/** Practice at the bench, without a flame: ask for what you want to see, say what it is, and how sure. */
export function PracticePage(data: PracticeData) {
  const { stages, token, due, answered, isOwnNose } = data
  const [asked, setAsked] = useState<readonly string[]>([])
  const [told, setTold] = useState<PracticeAnswer | null>(null)
  return (
    <Page>
      <div>
        <h1>
          <Say>Practise burn tests</Say>
        </h1>
        {told ? (
          <Lead role="status">{verdictOf(told)}</Lead>
        ) : (
          <Lead>
            This is a burn test without a flame: choose what to look at, then say what it is, and how sure you are.
          </Lead>
        )}
        <Soft>
          {due > 0 ? `${due} due for practice today. ` : ''}
          {answered > 0 ? <Link href="/learn/score">How well you judge your own certainty</Link> : null}{' '}
          {isOwnNose ? 'The smells match how you described your known samples.' : ''}
        </Soft>
      </div>
      <Tray stages={stages} asked={asked} isOpen={told !== null} onAsk={(feature) => setAsked([...asked, feature])}>
        {told ? <AnswerTold told={told} /> : <SayForm data={data} asked={asked} token={token} onTold={setTold} />}
      </Tray>
    </Page>
  )
}

function verdictOf({ was, familyRight, fibreRight }: PracticeAnswer): string {
  if (familyRight && fibreRight === true) return `Right: ${was.toLowerCase()}.`
  if (familyRight) return `The family is right. It was ${was.toLowerCase()}.`
  return `Not this time: it was ${was.toLowerCase()}.`
}

interface SayProps {
  data: PracticeData
  asked: readonly string[]
  token: string
  onTold: (told: PracticeAnswer) => void
}

function SayForm({ data: { families, fibres }, asked, token, onTold }: SayProps) {
  const send = (said: SaidSo) => answerSpecimen({ token, asked, ...said })
  const { isBusy, trouble, say } = useSaying(send, onTold)
  return (
    <Paper aria-labelledby="say">
      <h2 id="say">What is it?</h2>
      <SayWhat
        families={families}
        fibres={fibres}
        isBusy={isBusy || asked.length === 0}
        onSaid={(said) => void say(said)}
      />
      {asked.length === 0 ? <Soft>Choose something to look at first.</Soft> : null}
      <Trouble>{trouble}</Trouble>
    </Paper>
  )
}

function AnswerTold({ told }: { told: PracticeAnswer }) {
  const router = useRouter()
  return (
    <Columns $first="1.4fr">
      <Paper aria-labelledby="told">
        <h2 id="told">What helped most</h2>
        {told.note ? <p>{told.note}</p> : null}
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
            <b>Look next at:</b> {told.next}
          </p>
        ) : null}
      </Paper>
      <Callout $tone={told.familyRight ? 'good' : 'plain'}>
        <Stack $gap="0.6rem">
          <p>You will see it again {dueWords(told.due)}.</p>
          <Actions>
            <StrongButton onPress={() => router.refresh()}>Next sample</StrongButton>
            <Link href="/learn/score">My score</Link>
          </Actions>
        </Stack>
      </Callout>
    </Columns>
  )
}

function dueWords(due: string): string {
  const days = Math.round((Date.parse(due) - Date.now()) / 86_400_000)
  if (days < 1) return 'today'
  return days === 1 ? 'tomorrow' : `in ${days} days`
}
