'use client'

import { useState } from 'react'
import { newResults } from '@/core/practice/addedFiles'
import { type GroupSet } from '@/core/practice/groupSet'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { TextField } from '@/ui/kit/fields'
import { PickFile } from '@/ui/kit/PickFile'
import { saveFile } from '@/ui/kit/saveFile'
import { Actions, Columns, Lead, Page, Paper, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { Tray } from '../practice/Tray'
import { type SaidSo, SayWhat } from '../say/SayWhat'
import { openSet } from './actions'
import { CompareGroups } from './Compare'
import { MakeSet } from './MakeSet'
import { jsonIn } from './jsonIn'

type Opened = Extract<Awaited<ReturnType<typeof openSet>>, { ok: true }>['is']

/** Practice for a class: a set as a file, the same specimens for all, and results that can be laid side by side. */
export function GroupPage() {
  const { busy, trouble, doing } = useAsyncAction()
  const [opened, setOpened] = useState<Opened>()
  const open = (set: unknown) =>
    doing(async () => {
      const outcome = await openSet(set)
      if (outcome.ok) setOpened(outcome.is)
      return outcome
    })
  if (opened) return <Answering key={opened.set.seed} {...opened} onLeave={() => setOpened(undefined)} />
  return (
    <Page>
      <div>
        <h1>Group practice</h1>
        <Lead>Everybody gets the same samples in one file; then you compare the answers.</Lead>
      </div>
      <Columns>
        <MakeSet onOpen={open} isBusy={busy} />
        <Stack $gap="1.25rem">
          <Paper aria-labelledby="open-set">
            <h2 id="open-set">You received a set</h2>
            <Actions>
              <PickFile
                label="Open the set"
                strong
                types={['.json', 'application/json']}
                isDisabled={busy}
                onPick={(file) => void jsonIn(file).then(open)}
              />
            </Actions>
            <Soft>Answer alone; we show the results after the last one.</Soft>
            <Trouble>{trouble}</Trouble>
          </Paper>
          <CompareGroups />
        </Stack>
      </Columns>
    </Page>
  )
}

function Answering({ set, specimens, families, fibres, onLeave }: Opened & { onLeave: () => void }) {
  const [answers, setAnswers] = useState<readonly SaidSo[]>([])
  const [asked, setAsked] = useState<readonly string[]>([])
  const at = answers.length
  const stages = specimens[at]
  if (!stages) return <AllSaid set={set} answers={answers} onLeave={onLeave} />
  return (
    <Page>
      <div>
        <h1>{set.title}</h1>
        <Lead role="status">
          Sample {at + 1} of {set.count}.
        </Lead>
      </div>
      <Tray stages={stages} asked={asked} onAsk={(feature) => setAsked([...asked, feature])}>
        <Paper aria-labelledby="say">
          <h2 id="say">What is it?</h2>
          <SayWhat
            key={at}
            families={families}
            fibres={fibres}
            isBusy={asked.length === 0}
            onSaid={(said) => {
              setAnswers([...answers, said])
              setAsked([])
            }}
          />
          {asked.length === 0 ? <Soft>Choose something to look at first.</Soft> : null}
        </Paper>
      </Tray>
      <Actions>
        <Button onPress={onLeave}>Cancel</Button>
      </Actions>
    </Page>
  )
}

function AllSaid({ set, answers, onLeave }: { set: GroupSet; answers: readonly SaidSo[]; onLeave: () => void }) {
  const [by, setBy] = useState('')
  const [isSaved, setSaved] = useState(false)
  const save = () => {
    const results = newResults({ set, by: by.trim(), answers: [...answers] })
    saveFile(
      `results-${by.trim().replace(/[^\p{L}\d]+/gu, '-')}.json`,
      JSON.stringify(results, null, 2),
      'application/json',
    )
    setSaved(true)
  }
  return (
    <Page>
      <div>
        <h1>{set.title}</h1>
        <Lead role="status">
          All {set.count} answered. Save your answers, and send them to the person who compares.
        </Lead>
      </div>
      <Paper aria-label="Your answers">
        <TextField label="Your name" hint="A name or a letter." value={by} onChange={setBy} maxLength={60} />
        <Actions>
          <StrongButton isDisabled={by.trim() === ''} onPress={save}>
            Save my answers
          </StrongButton>
          <Button onPress={onLeave}>Back to the sets</Button>
        </Actions>
        {isSaved ? <Callout $tone="good">Saved as a file. Nothing was sent.</Callout> : null}
      </Paper>
    </Page>
  )
}
