'use client'

import { useRef, useState } from 'react'
import { PickFile } from '@/ui/kit/PickFile'
import { Actions, Figures, Paper, Soft } from '@/ui/kit/surfaces'
import { QuietButton } from '@/ui/kit/buttons'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { compareResults } from './actions'
import { jsonIn } from './jsonIn'
import { Say } from '@/ui/text/Say'

type Compared = Extract<Awaited<ReturnType<typeof compareResults>>, { ok: true }>['is']

const percent = (share: number | null) => (share === null ? '–' : `${Math.round(share * 100)} %`)

/** Answers of several people, laid side by side. */
export function CompareGroups() {
  const { busy, trouble, doing } = useAsyncAction()
  const [compared, setCompared] = useState<Compared>()
  const files = useRef<readonly unknown[]>([])
  const queue = useRef<Promise<unknown>>(Promise.resolve())
  const read = async (file: File) => {
    const next = [...files.current, await jsonIn(file)]
    const outcome = await compareResults(next)
    if (outcome.ok) {
      files.current = next
      setCompared(outcome.is)
    }
    return outcome
  }
  const add = (file: File) =>
    doing(() => {
      // One after the other: a second that is chosen meanwhile would not know of the first.
      const turn = queue.current.then(() => read(file))
      queue.current = turn.catch(() => undefined)
      return turn
    })
  return (
    <Paper aria-labelledby="compare">
      <h2 id="compare">Compare answers</h2>
      <Actions>
        <PickFile
          label={compared === undefined ? 'Add an answer file' : 'Add another file'}
          types={['.json', 'application/json']}
          isDisabled={busy}
          onPick={add}
        />
        {compared ? (
          <QuietButton
            onPress={() => {
              files.current = []
              setCompared(undefined)
            }}
          >
            Start again
          </QuietButton>
        ) : null}
      </Actions>
      <Trouble>{trouble}</Trouble>
      {compared ? <Tables {...compared} /> : <Soft>We read the files here and save nothing.</Soft>}
    </Paper>
  )
}

function Tables({ title, scores, specimens }: Compared) {
  return (
    <>
      <Figures>
        <caption>{title}</caption>
        <thead>
          <tr>
            <th scope="col">who</th>
            <th scope="col">family</th>
            <th scope="col">
              <Say>fibre</Say>
            </th>
            <th scope="col">certainty (Brier)</th>
          </tr>
        </thead>
        <tbody>
          {scores.map(({ by, family, fibre, brier }, i) => (
            <tr key={`${by} ${i}`}>
              <th scope="row">{by}</th>
              <td>{percent(family)}</td>
              <td>{percent(fibre)}</td>
              <td>{brier.toFixed(2)}</td>
            </tr>
          ))}
        </tbody>
      </Figures>
      <Figures>
        <thead>
          <tr>
            <th scope="col">it was</th>
            <th scope="col">got the family</th>
            <th scope="col">answered</th>
          </tr>
        </thead>
        <tbody>
          {specimens.map(({ was, right, said }, i) => (
            <tr key={i}>
              <th scope="row">{was}</th>
              <td>
                {right} of {scores.length}
              </td>
              <td>{said}</td>
            </tr>
          ))}
        </tbody>
      </Figures>
      <Soft>Brier score: 0 is best; 0.25 means “half sure” every time.</Soft>
    </>
  )
}
