'use client'

import { useState } from 'react'
import { drapeCoefficient } from '@/core/measure/drape'
import { StrongButton } from '@/ui/kit/buttons'
import { NumberField } from '@/ui/kit/NumberField'
import { Actions, Fields, Paper, Callout, Soft } from '@/ui/kit/surfaces'
import { type Shadow } from '@/core/loupe/disc'
import { pixelsPerCm, ScaleFields, ScaleStage, usePictureScale } from '../../../shared/picture/ScaleMarks'
import { Source } from '../../../shared/picture/Source'
import { usePicture } from '../../../shared/picture/usePicture'
import { Working } from '../../../shared/picture/Working'
import { fieldUnits, fromField, toField } from '../../../shared/settings/measures'
import { usePreferences } from '../../../shared/settings/PreferencesContext'
import styled from 'styled-components'

const Steps = styled.ol`
  margin: 0;
  padding-left: 1.2rem;
`

interface Disc {
  clothRadiusMm: number
  tableRadiusMm: number
  shadowMm2: number
}

/** Usual sizes of the test: a disc of 30 cm on a stand of 18 cm. */
const [CLOTH_MM, TABLE_MM] = [150, 90]

/** As they stand in their fields; null where one is empty. */
interface RadiiMm {
  cloth: number | null
  table: number | null
}

/** The draped disc from a picture: its shape is found, its area taken, and the coefficient follows. */
export function DrapedDiscPicture({ onMeasured }: { onMeasured: (disc: Disc) => void }) {
  const work = usePicture()
  const { picture } = work
  const [scale, setScale] = usePictureScale(picture?.view ?? null, picture?.number ?? 0)
  const [found, setFound] = useState<{ number: number; shadow: Shadow } | null>(null)
  const [radii, setRadii] = useState<RadiiMm>({ cloth: CLOTH_MM, table: TABLE_MM })
  const perCm = scale ? pixelsPerCm(scale) : null
  const shadow = found && found.number === picture?.number ? found.shadow : null
  const { cloth, table } = radii
  const disc =
    shadow && perCm && cloth && table && table < cloth
      ? { clothRadiusMm: cloth, tableRadiusMm: table, shadowMm2: (shadow.areaPx / perCm ** 2) * 100 }
      : null
  const find = async () => {
    if (!picture) return
    const answer = await work.shadow(picture.file)
    if (answer) setFound({ number: picture.number, shadow: answer })
  }
  return (
    <Paper aria-labelledby="disc">
      <h2 id="disc">Photo of a disc</h2>
      <Steps>
        <li>
          Put a 30 cm disc of fabric on an 18 cm tin that stands on plain paper. Put a ruler beside it at the height
          of the tin’s top.
        </li>
        <li>Photograph it from straight above, from as far as you can, and move the two marks to the ruler.</li>
      </Steps>
      <Source
        work={work}
        subjects={[
          ['disc', 'a disc of fabric on a tin'],
          ['nothing', 'a bare wall'],
        ]}
      />
      {picture && scale ? (
        <>
          <ScaleStage view={picture.view} scale={scale} onChange={setScale}>
            {shadow ? (
              <polygon
                points={shadow.edge.map(({ x, y }) => `${x},${y}`).join(' ')}
                fill="#59d7ff"
                fillOpacity=".2"
                stroke="#59d7ff"
                strokeWidth={picture.view.width / 300}
              />
            ) : null}
          </ScaleStage>
          <ScaleFields scale={scale} onChange={setScale} />
          <Radii {...radii} onChange={setRadii} />
          <Actions>
            <StrongButton isDisabled={!perCm || work.progress !== null} onPress={() => void find()}>
              Find the outline
            </StrongButton>
          </Actions>
        </>
      ) : null}
      <Working work={work} />
      <DiscTold disc={disc} onMeasured={onMeasured} />
    </Paper>
  )
}

function Radii({ cloth, table, onChange }: RadiiMm & { onChange: (radii: RadiiMm) => void }) {
  const { units } = usePreferences()
  const { short } = fieldUnits(units)
  return (
    <Fields>
      <NumberField
        label="Radius of the disc"
        unit={short.symbol}
        minValue={0}
        value={toField(cloth, short)}
        onChange={(value) => onChange({ cloth: fromField(value, short), table })}
      />
      <NumberField
        label="Radius of the tin"
        unit={short.symbol}
        minValue={0}
        value={toField(table, short)}
        onChange={(value) => onChange({ cloth, table: fromField(value, short) })}
        error={cloth !== null && table !== null && table >= cloth ? 'The tin is smaller than the disc.' : undefined}
      />
    </Fields>
  )
}

/** What the shape comes to. */
function DiscTold({ disc, onMeasured }: { disc: Disc | null; onMeasured: (disc: Disc) => void }) {
  const coefficient = disc ? coefficientOf(disc) : null
  if (!disc) return <Soft>We draw the outline over the photo, so that you can check it.</Soft>
  return (
    <div role="status">
      <p>
        The outline covers {(disc.shadowMm2 / 100).toFixed(0)} cm²
        {coefficient === null ? (
          '.'
        ) : (
          <>
            : drape coefficient <b>{coefficient.toFixed(0)} %</b>.
          </>
        )}
      </p>
      {coefficient === null ? (
        <Callout $tone="warn">
          No disc of that size covers so much or so little: check the scale and the two radii.
        </Callout>
      ) : (
        <Actions>
          <StrongButton onPress={() => onMeasured(disc)}>Save disc</StrongButton>
        </Actions>
      )}
    </div>
  )
}

/** %; null where no disc of that size could cover so much or so little. */
function coefficientOf(disc: Disc): number | null {
  try {
    return drapeCoefficient(disc, disc.shadowMm2)
  } catch {
    return null
  }
}
