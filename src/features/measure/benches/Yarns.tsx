'use client'

import { useState } from 'react'
import { clothCover, coverFactor, crimpPercent, texOfThreads } from '@/core/measure/construction'
import { ofKind } from '@/core/notebook/measurements'
import { weightFromThreads } from '@/core/notebook/properties'
import { formatWeight, withDoubt } from '@/core/units/format'
import { cottonCountFromTex } from '@/core/units/yarnCount'
import { Button, StrongButton } from '@/ui/controls/buttons'
import { NumberField } from '@/ui/controls/fields'
import { Actions, Columns, Lead, Paper, Slip, Soft } from '@/ui/controls/surfaces'
import { fieldUnits, fromField, toField } from '../../settings/measures'
import { usePreferences } from '../../settings/PreferencesContext'
import { Fields, ReadingList, Stack, type BenchProps } from './common'

interface Bundle {
  count: number
  grams: number
  clothMm: number | null
  straightMm: number | null
}
const EMPTY: Bundle = { count: NaN, grams: NaN, clothMm: null, straightMm: null }

/** tex and crimp of a bundle; null until it is filled in and makes sense. */
function bundleOf({ count, grams, clothMm, straightMm }: Bundle): { tex: number; crimp: number } | null {
  if (!(count > 0 && grams > 0) || clothMm === null || straightMm === null || !(clothMm > 0) || straightMm < clothMm)
    return null
  return { tex: texOfThreads(count, straightMm, grams), crimp: crimpPercent(clothMm, straightMm) }
}

export function Yarns({ piece, readings }: BenchProps) {
  const { units } = usePreferences()
  const { fine } = fieldUnits(units)
  const [warp, setWarp] = useState(EMPTY)
  const [weft, setWeft] = useState(EMPTY)
  const [perCm, setPerCm] = useState({ ends: NaN, picks: NaN })
  const [warpYarn, weftYarn] = [bundleOf(warp), bundleOf(weft)]
  const kept = ofKind(readings.all, 'yarns')
  const counts = ofKind(readings.all, 'count')
  const derived = weightFromThreads(readings.all)
  const yarns = kept.at(-1)?.data
  const count = counts.at(-1)?.data
  const bundle = (title: string, value: Bundle, set: (bundle: Bundle) => void) => (
    <div>
      <h3>{title}</h3>
      <Fields>
        <NumberField
          label="Threads in the bundle"
          minValue={1}
          value={value.count}
          onChange={(next) => set({ ...value, count: next })}
        />
        <NumberField
          label="Weight of the bundle"
          unit="g"
          minValue={0}
          value={value.grams}
          onChange={(next) => set({ ...value, grams: next })}
        />
        <NumberField
          label="Length in the cloth"
          unit={fine.symbol}
          minValue={0}
          value={toField(value.clothMm, fine)}
          onChange={(next) => set({ ...value, clothMm: fromField(next, fine) })}
        />
        <NumberField
          label="Length straightened"
          unit={fine.symbol}
          minValue={0}
          value={toField(value.straightMm, fine)}
          onChange={(next) => set({ ...value, straightMm: fromField(next, fine) })}
          error={
            value.clothMm !== null && value.straightMm !== null && value.straightMm < value.clothMm
              ? 'Straightened it is at least as long.'
              : undefined
          }
        />
      </Fields>
    </div>
  )
  return (
    <Columns $first="1.35fr">
      <Paper aria-labelledby="bundles">
        <h2 id="bundles">Pulled threads</h2>
        {bundle('Warp (lengthwise)', warp, setWarp)}
        {bundle('Weft (across)', weft, setWeft)}
        <Actions>
          <StrongButton
            isDisabled={!warpYarn || !weftYarn || readings.saving}
            onPress={() => {
              if (warpYarn && weftYarn)
                readings.add({
                  kind: 'yarns',
                  warpTex: warpYarn.tex,
                  weftTex: weftYarn.tex,
                  warpCrimp: warpYarn.crimp,
                  weftCrimp: weftYarn.crimp,
                })
              setWarp(EMPTY)
              setWeft(EMPTY)
            }}
          >
            Keep these yarns
          </StrongButton>
        </Actions>
        <h3>Threads, counted by hand</h3>
        <Soft>
          Count over an inch or over 2 cm with a lens and a pin, and divide. The loupe bench counts from a picture.
        </Soft>
        <Fields>
          <NumberField
            label="Ends a centimetre"
            minValue={0}
            value={perCm.ends}
            onChange={(ends) => setPerCm({ ...perCm, ends })}
          />
          <NumberField
            label="Picks a centimetre"
            minValue={0}
            value={perCm.picks}
            onChange={(picks) => setPerCm({ ...perCm, picks })}
          />
        </Fields>
        <Actions>
          <Button
            isDisabled={!(perCm.ends > 0 && perCm.picks > 0)}
            onPress={() => {
              readings.add({
                kind: 'count',
                how: 'hand',
                endsPerCm: perCm.ends,
                picksPerCm: perCm.picks,
                skewDeg: null,
                twillAngleDeg: null,
              })
              setPerCm({ ends: NaN, picks: NaN })
            }}
          >
            Keep this count
          </Button>
        </Actions>
      </Paper>
      <Stack>
        <Paper aria-labelledby="comes-to">
          <h2 id="comes-to">What it comes to</h2>
          {derived ? (
            <Lead role="status">
              {formatWeight(derived, units)} <Soft as="span">from threads and yarns</Soft>
            </Lead>
          ) : (
            <Soft>Yarns and a count together give the weight over again.</Soft>
          )}
          {derived && piece?.gsm ? <Agreement derived={derived} weighed={piece.gsm} /> : null}
          {yarns && count ? (
            <p>
              Cloth cover{' '}
              {clothCover(
                coverFactor(count.endsPerCm, yarns.warpTex),
                coverFactor(count.picksPerCm, yarns.weftTex),
              ).toFixed(1)}{' '}
              of 28, where the yarns would touch (Peirce).
            </p>
          ) : null}
          <ReadingList
            items={[
              ...kept.map(({ id, data }) => ({
                id,
                text:
                  `Warp ${data.warpTex.toFixed(1)} tex (Ne ` +
                  `${cottonCountFromTex(data.warpTex).toFixed(0)}), crimp ${data.warpCrimp.toFixed(1)} %; weft ` +
                  `${data.weftTex.toFixed(1)} tex (Ne ${cottonCountFromTex(data.weftTex).toFixed(0)}), crimp ` +
                  `${data.weftCrimp.toFixed(1)} %`,
              })),
              ...counts.map(({ id, data }) => ({
                id,
                text:
                  `${data.endsPerCm.toFixed(1)} ends, ${data.picksPerCm.toFixed(1)} picks a cm, ` +
                  `${data.how === 'hand' ? 'by hand' : 'from a picture'}`,
              })),
            ]}
            onDrop={readings.drop}
          />
        </Paper>
      </Stack>
    </Columns>
  )
}

/** Two ways to the same weight: do they agree within their doubts? */
function Agreement({
  derived,
  weighed,
}: {
  derived: { value: number; sd: number }
  weighed: { value: number; sd: number }
}) {
  const apart = Math.abs(derived.value - weighed.value) / Math.hypot(derived.sd, weighed.sd)
  return apart <= 2 ? (
    <Slip $tone="good">It agrees with the scale ({withDoubt(weighed)} g/m²).</Slip>
  ) : (
    <Slip $tone="warn">
      The scale says {withDoubt(weighed)} g/m²: they disagree by more than their doubts. A finish, a size, or a
      miscount?
    </Slip>
  )
}
