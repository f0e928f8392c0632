'use client'

import { useState } from 'react'
import { type ThreadSet } from '@/core/loupe/count'
import { ofKind } from '@/core/notebook/measurements'
import { StrongButton } from '@/ui/controls/buttons'
import { Actions, Columns, Figures, Paper, Slip, Soft, Stack } from '@/ui/controls/surfaces'
import { type Answers } from '../picture/jobs'
import { pixelsPerCm, ScaleFields, ScaleStage, usePictureScale } from '../picture/ScaleMarks'
import { Source } from '../picture/Source'
import { Stage } from '../picture/Stage'
import { usePicture } from '../picture/usePicture'
import { Working } from '../picture/Working'
import { ReadingList, type BenchProps } from '../measure/benches/common'
import { HandCount } from './HandCount'
import { countWords } from './words'

const SUBJECTS = [
  ['plain', 'plain weave'],
  ['twill', 'a twill'],
  ['satin', 'a satin'],
  ['basket', 'a basket weave'],
  ['nothing', 'a bare wall'],
] as const
const COLOURS = ['#ffd23f', '#59d7ff'] as const

type Counted = Answers['count']

/**
 * Threads by picture: a photograph, its scale, the count with its threads drawn over it, and a count by hand to hold
 * against it.
 */
export function LoupeBench({ readings }: BenchProps) {
  const work = usePicture()
  const { picture } = work
  const [scale, setScale] = usePictureScale(picture?.view ?? null, picture?.number ?? 0)
  const [counted, setCounted] = useState<{ number: number; result: Counted } | null>(null)
  const [shown, setShown] = useState<[boolean, boolean]>([true, true])
  const perCm = scale ? pixelsPerCm(scale) : null
  const result = counted && counted.number === picture?.number ? counted.result : null
  const count = async () => {
    if (!picture || !perCm) return
    setCounted(null)
    const answer = await work.run<'count'>({ kind: 'count', file: picture.file, pixelsPerCm: perCm })
    if (answer) setCounted({ number: picture.number, result: answer })
  }
  return (
    <Columns $first="1.25fr">
      <Stack>
        <Paper aria-labelledby="the-picture">
          <h2 id="the-picture">1. The picture and its scale</h2>
          <Source work={work} subjects={SUBJECTS} />
          {picture && scale ? (
            <>
              <ScaleStage view={picture.view} scale={scale} onChange={setScale} />
              <Soft>
                Click, drag, or move the marks with the arrow keys.{' '}
                {perCm
                  ? `${perCm.toFixed(0)} points to the centimetre.`
                  : 'The longer the stretch between them, the better the count.'}
              </Soft>
              <ScaleFields scale={scale} onChange={setScale} />
              <Actions>
                <StrongButton isDisabled={!perCm || work.progress !== null} onPress={() => void count()}>
                  Count the threads
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
      <Stack>
        <Paper aria-labelledby="counted">
          <h2 id="counted">2. What was counted</h2>
          {result ? (
            <>
              <Stage view={result.view} label="The middle of the picture, with the found threads drawn over it">
                {result.lines.map((lines, set) =>
                  shown[set] ? (
                    <path
                      key={COLOURS[set]}
                      d={lines.map(({ from, to }) => `M${from.x} ${from.y}L${to.x} ${to.y}`).join('')}
                      stroke={COLOURS[set]}
                      strokeWidth={result.view.width / 420}
                      strokeOpacity=".85"
                      fill="none"
                    />
                  ) : null,
                )}
              </Stage>
              <Soft>
                Each line should lie along one thread. If two threads share a line, or one has two, trust your eye and
                count by hand.
              </Soft>
              <Figures>
                <thead>
                  <tr>
                    <th>Threads</th>
                    <th>a cm</th>
                    <th>an inch</th>
                    <th>turned</th>
                    <th>lines</th>
                  </tr>
                </thead>
                <tbody>
                  {result.count.sets.map((set, index) => (
                    <tr key={COLOURS[index]}>
                      <th scope="row">{index === 0 ? 'upright' : 'level'}</th>
                      <td>{set.threadsPerCm.toFixed(1)}</td>
                      <td>{set.threadsPerInch.toFixed(0)}</td>
                      <td>{turnOf(set, index).toFixed(1)}°</td>
                      <td>
                        <label>
                          <input
                            type="checkbox"
                            checked={shown[index]!}
                            onChange={(event) =>
                              setShown(
                                index === 0 ? [event.target.checked, shown[1]] : [shown[0], event.target.checked],
                              )
                            }
                          />{' '}
                          <i
                            aria-hidden
                            style={{
                              display: 'inline-block',
                              width: '1.4rem',
                              height: '0.35rem',
                              background: COLOURS[index],
                              border: '1px solid var(--ink)',
                            }}
                          />{' '}
                          <span
                            style={{ position: 'absolute', clipPath: 'inset(50%)' }}
                          >{`Show the ${index === 0 ? 'upright' : 'level'} lines`}</span>
                        </label>
                      </td>
                    </tr>
                  ))}
                </tbody>
              </Figures>
              <p role="status">{countWords(result.count)}</p>
              {result.count.warnings.map((warning) => (
                <Slip key={warning} $tone="warn">
                  {warning}
                </Slip>
              ))}
              <Actions>
                <StrongButton
                  isDisabled={readings.saving}
                  onPress={() =>
                    readings.add({
                      kind: 'count',
                      how: 'picture',
                      endsPerCm: result.count.sets[0].threadsPerCm,
                      picksPerCm: result.count.sets[1].threadsPerCm,
                      skewDeg: Math.min(45, result.count.skewDeg),
                      twillAngleDeg: result.count.twillAngleDeg,
                    })
                  }
                >
                  Keep this count
                </StrongButton>
              </Actions>
              <Soft>
                The upright threads are kept as the warp: turn the picture so that the selvedge stands upright.
              </Soft>
            </>
          ) : (
            <Soft>A picture, its scale, and a count: the found threads are drawn over it here.</Soft>
          )}
          <h3>Kept</h3>
          <ReadingList kept={ofKind(readings.now, 'count')} onDrop={readings.drop} />
        </Paper>
      </Stack>
    </Columns>
  )
}

/** How far a set is turned from upright or level, degrees. */
function turnOf({ angleDeg }: ThreadSet, index: number): number {
  if (index === 0) return angleDeg
  return angleDeg > 0 ? angleDeg - 90 : angleDeg + 90
}
