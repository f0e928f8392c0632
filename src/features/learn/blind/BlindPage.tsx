'use client'

import Link from 'next/link'
import { useState } from 'react'
import { FEWEST_BLIND, MOST_BLIND } from '@/core/practice/blind'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { CheckField, CheckGroup } from '@/ui/kit/checks'
import { Actions, Figures, Lead, Page, Paper, Soft, Steps } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { beginTest } from '../../shared/burn/beginTest'
import { SayWhat } from '../say/SayWhat'
import { closeBox, packBox, sayBlind } from './actions'
import { type BlindData } from './load'
import { Say } from '@/ui/text/Say'

type Box = NonNullable<BlindData['box']>

/** Known pieces under letters: the honest test of one's own nose. */
export function BlindPage(data: BlindData) {
  const { box } = data
  return (
    <Page>
      <div>
        <h1>Blind test</h1>
        <Lead role="status">{leadOf(box)}</Lead>
      </div>
      {!box || box.isOver ? null : box.isPacked ? <Answering box={box} data={data} /> : <Packing box={box} />}
      {box?.isOver ? <Opened box={box} /> : null}
      {!box || box.isOver ? <Choosing {...data} /> : null}
    </Page>
  )
}

function leadOf(box: BlindData['box']): string {
  if (!box)
    return (
      'Test yourself on your known samples, under letters: burn or feel each, say what it is, and ' +
      'see the answers.'
    )
  if (box.isOver) {
    const right = box.entries.filter(({ result }) => result?.familyRight).length
    return `${right} of ${box.entries.length} families right.`
  }
  const left = box.entries.filter(({ isAnswered }) => !isAnswered).length
  return box.isPacked
    ? `${left} of ${box.entries.length} still to answer.`
    : 'Pack them now; after that we hide the key.'
}

function Choosing({ offered }: BlindData) {
  const { busy, trouble, doing } = useAsyncAction()
  const [chosen, setChosen] = useState<readonly string[]>([])
  const pack = () =>
    doing(() =>
      packBox(
        offered
          .filter(({ id }) => chosen.includes(id))
          .map(({ id, from, name, fibres }) => ({ id, from, name, fibres })),
      ),
    )
  return (
    <Paper aria-labelledby="choose">
      <h2 id="choose">Which samples?</h2>
      {offered.length < FEWEST_BLIND ? (
        <Soft>
          You need at least three known samples. <Link href="/identify/samples">Add known samples</Link>.
        </Soft>
      ) : null}
      <CheckGroup legend="Three to eight, all of which you are sure of">
        {offered.map(({ id, name, says }) => (
          <CheckField
            key={id}
            isSelected={chosen.includes(id)}
            isDisabled={!chosen.includes(id) && chosen.length >= MOST_BLIND}
            onChange={(isOn) => setChosen(isOn ? [...chosen, id] : chosen.filter((one) => one !== id))}
          >
            {name} <Soft as="span">({says})</Soft>
          </CheckField>
        ))}
      </CheckGroup>
      <Actions>
        <StrongButton isDisabled={busy || chosen.length < FEWEST_BLIND} onPress={pack}>
          Shuffle and give letters
        </StrongButton>
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Paper>
  )
}

/** The key, once: which snip goes under which letter. */
function Packing({ box }: { box: Box }) {
  const { busy, trouble, doing } = useAsyncAction()
  return (
    <Paper aria-labelledby="pack">
      <h2 id="pack">Labels and key</h2>
      <Steps>
        <li>
          Cut a snip of each, one finger wide, and put it into an envelope with its letter; or let a friend do it.
        </li>
        <li>Shuffle the envelopes, and wait a day.</li>
        <li>Take one after another, burn it with the usual cautions or feel it, and enter here what it is.</li>
      </Steps>
      <Figures>
        <tbody>
          {box.entries.map(({ code, key }) => (
            <tr key={code}>
              <th scope="row">{code}</th>
              <td>{key}</td>
            </tr>
          ))}
        </tbody>
      </Figures>
      <Actions>
        <StrongButton isDisabled={busy} onPress={() => doing(() => closeBox(box.id))}>
          They are packed: hide the key
        </StrongButton>
        <Button onPress={() => window.print()}>Print labels</Button>
        <Link href="/safety">Cautions</Link>
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Paper>
  )
}

function Answering({ box, data }: { box: Box; data: BlindData }) {
  const { busy, trouble, doing } = useAsyncAction()
  const next = box.entries.find(({ isAnswered }) => !isAnswered)
  if (!next) return null
  return (
    <Paper aria-labelledby="answer">
      <h2 id="answer">Envelope {next.code}</h2>
      <Actions>
        <Button isDisabled={busy} onPress={() => doing(() => beginTest({ blind: { id: box.id, code: next.code } }))}>
          Start burn test
        </Button>
        {next.burns.map((id, i) => (
          <Link key={id} href={`/identify/burn/${id}`}>
            Burn {i + 1} of it
          </Link>
        ))}
      </Actions>
      <Soft>Or just feel it. Then enter what it is; the key stays hidden until the last envelope.</Soft>
      <SayWhat
        key={next.code}
        families={data.families}
        fibres={data.fibres}
        isBusy={busy}
        onSaid={(said) => void doing(() => sayBlind(box.id, { code: next.code, ...said }))}
      />
      <Trouble>{trouble}</Trouble>
    </Paper>
  )
}

function Opened({ box }: { box: Box }) {
  return (
    <Paper aria-labelledby="opened">
      <h2 id="opened">Results</h2>
      <Figures>
        <thead>
          <tr>
            <th scope="col">letter</th>
            <th scope="col">it was</th>
            <th scope="col">you said</th>
            <th scope="col">sure</th>
            <th scope="col">family</th>
            <th scope="col">
              <Say>fibre</Say>
            </th>
          </tr>
        </thead>
        <tbody>
          {box.entries.map(({ code, key, result }) => (
            <tr key={code}>
              <th scope="row">{code}</th>
              <td>{key}</td>
              <td>{result?.said}</td>
              <td>{result ? `${Math.round(result.sure * 100)} %` : ''}</td>
              <td>{result?.familyRight ? 'right' : `no: ${result?.family.toLowerCase()}`}</td>
              <td>{result?.fibreRight === null ? 'not answered' : result?.fibreRight ? 'right' : 'no'}</td>
            </tr>
          ))}
        </tbody>
      </Figures>
      <Soft>
        {box.taught > 0
          ? `${box.taught} of these burn tests now count as burns of known samples: we learn how you report. `
          : 'When you see the results, burn tests from here teach us how you report. '}
        <Link href="/identify/samples">Known samples</Link>
      </Soft>
    </Paper>
  )
}
