'use client'

import styled from 'styled-components'
import { absorbencyWords } from '@/core/measure/grades'
import { measuredOf } from '@/core/notebook/measurements'
import { ofKind } from '@/core/notebook/measurements/kept'
import { useStopwatch } from '@/features/shared/useStopwatch'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { Actions, Paper } from '@/ui/kit/surfaces'
import { DropDrawing } from '@/ui/measuring/grades'
import { BenchColumns, Mean, type BenchProps } from './common'

/** A drop stands no longer than this worth watching, s. */
const LONG_ENOUGH = 60
/** The drawing has sunk in after so long, s. */
const DRAWN_FOR = 20

const Drawing = styled.div`
  max-width: 18rem;
`
const Seconds = styled.p`
  font-size: 2rem;
  font-variant-numeric: tabular-nums;
`
const Watch = styled(StrongButton)`
  min-height: 64px;
  min-width: 14rem;
`

export function WaterDropBench({ readings, yarn }: BenchProps) {
  const { seconds, running, toggle } = useStopwatch()
  const { sunk, stood } = measuredOf(readings.now)['water-drop']
  const kept = ofKind(readings.now, 'water-drop')
  const press = () => {
    const taken = toggle()
    if (taken === null) return
    readings.add({ kind: 'water-drop', seconds: taken > LONG_ENOUGH ? null : Math.round(taken * 10) / 10 })
  }
  return (
    <BenchColumns
      first="1.2fr"
      kept={kept}
      readings={readings}
      comesTo={
        <>
          <Mean title="The drop sinks in within" repeats={sunk} unit="s">
            {sunk ? <p>{absorbencyWords(sunk.mean)}</p> : null}
          </Mean>
          {stood > 0 ? (
            <p>
              {stood} of {kept.length} stayed on top for a minute. {absorbencyWords(null)}
            </p>
          ) : null}
        </>
      }
    >
      <Paper aria-labelledby="drop">
        <h2 id="drop">Time the drop</h2>
        <Drawing>
          <DropDrawing sunk={running ? Math.min(1, seconds / DRAWN_FOR) : kept.length > 0 ? 1 : 0} yarn={yarn} />
        </Drawing>
        <Seconds role="timer" aria-label="Seconds since the drop landed">
          {seconds.toFixed(1)} s
        </Seconds>
        <Actions>
          <Watch onPress={press}>{running ? 'It lost its shine' : 'The drop lands'}</Watch>
          <Button onPress={() => readings.add({ kind: 'water-drop', seconds: null })}>
            It stayed on top for a minute
          </Button>
        </Actions>
      </Paper>
    </BenchColumns>
  )
}
