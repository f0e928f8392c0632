'use client'

import { useState } from 'react'
import { ofKind } from '@/core/notebook/measurements/kept'
import { StrongButton } from '@/ui/kit/buttons'
import { Actions, Columns, Paper, Soft, Stack } from '@/ui/kit/surfaces'
import { ReadingList, type BenchProps } from '../benches/common'
import { type Counted } from '../../../shared/picture/jobs'
import { pixelsPerCm, ScaleFields, ScaleStage, usePictureScale } from '../../../shared/picture/ScaleMarks'
import { Source } from '../../../shared/picture/Source'
import { usePicture } from '../../../shared/picture/usePicture'
import { Working } from '../../../shared/picture/Working'
import { CountedThreads } from './CountedThreads'
import { HandCount } from './HandCount'

const SUBJECTS = [
  ['plain', 'plain weave'],
  ['twill', 'a twill'],
  ['satin', 'a satin'],
  ['basket', 'a basket weave'],
  ['nothing', 'a bare wall'],
] as const

/**
 * Threads by picture: a photograph, its scale, the count with its threads drawn over it, and a count by hand to hold
 * against it.
 */
export function LoupeBench({ readings }: BenchProps) {
  const work = usePicture()
  const { picture } = work
  const [scale, setScale] = usePictureScale(picture?.view ?? null, picture?.number ?? 0)
  const [counted, setCounted] = useState<{ number: number; result: Counted } | null>(null)
  const perCm = scale ? pixelsPerCm(scale) : null
  const result = counted && counted.number === picture?.number ? counted.result : null
  const count = async () => {
    if (!picture || !perCm) return
    setCounted(null)
    const answer = await work.count(picture.file, perCm)
    if (answer) setCounted({ number: picture.number, result: answer })
  }
  return (
    <Columns $first="1.25fr">
      <Stack>
        <Paper aria-labelledby="the-picture">
          <h2 id="the-picture">1. Photo and scale</h2>
          <Source work={work} subjects={SUBJECTS} />
          {picture && scale ? (
            <>
              <ScaleStage view={picture.view} scale={scale} onChange={setScale} />
              <Soft>
                Click, drag, or move the marks with the arrow keys.{' '}
                {perCm
                  ? `${perCm.toFixed(0)} pixels per cm.`
                  : 'The longer the distance between the marks, the better the count.'}
              </Soft>
              <ScaleFields scale={scale} onChange={setScale} />
              <Actions>
                <StrongButton isDisabled={!perCm || work.progress !== null} onPress={() => void count()}>
                  Count threads
                </StrongButton>
              </Actions>
            </>
          ) : null}
          <Working work={work} />
        </Paper>
        {picture && perCm ? (
          <HandCount
            key={picture.number}
            picture={picture}
            perCm={perCm}
            counted={result?.count ?? null}
            readings={readings}
          />
        ) : null}
      </Stack>
      <Paper aria-labelledby="counted">
        <h2 id="counted">2. Result</h2>
        {result && picture ? (
          <CountedThreads result={result} picture={picture.file} readings={readings} />
        ) : (
          <Soft>Here we draw the counted threads over your photo.</Soft>
        )}
        <h3>Saved</h3>
        <ReadingList kept={ofKind(readings.now, 'count')} onDrop={readings.drop} />
      </Paper>
    </Columns>
  )
}
