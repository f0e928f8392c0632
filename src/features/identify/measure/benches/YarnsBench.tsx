'use client'

import { useState } from 'react'
import { crimpPercent, texOfThreads } from '@/core/measure/construction'
import { readingFormOf } from '@/core/notebook/measurements'
import { coverFromThreads, weightFromThreads } from '@/core/notebook/threads'
import { formatWeight, withDoubt } from '@/core/units/format'
import { type Quantity } from '@/core/units/quantity'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { NumberField } from '@/ui/kit/NumberField'
import { Actions, Fields, Lead, Paper, Callout, Soft } from '@/ui/kit/surfaces'
import { LengthField } from '../../../shared/settings/LengthField'
import { usePreferences } from '../../../shared/settings/PreferencesContext'
import { BenchColumns, type BenchProps } from './common'

interface Bundle {
  count: number
  grams: number
  clothMm: number | null
  straightMm: number | null
}
const EMPTY: Bundle = { count: NaN, grams: NaN, clothMm: null, straightMm: null }

/** tex and crimp of a bundle; null until it is filled in and makes sense. */
function yarnOf({ count, grams, clothMm, straightMm }: Bundle): { tex: number; crimp: number } | null {
  if (!(count > 0 && grams > 0) || clothMm === null || straightMm === null) return null
  if (!(clothMm > 0) || straightMm < clothMm) return null
  return { tex: texOfThreads(count, straightMm, grams), crimp: crimpPercent(clothMm, straightMm) }
}

export function YarnsBench({ piece, readings }: BenchProps) {
  const kept = readings.all.filter(({ data }) => ['yarns', 'loupe'].includes(readingFormOf(data).kind.id))
  return (
    <BenchColumns
      kept={kept}
      readings={readings}
      comesTo={<WeightAgain all={readings.all} weighed={piece?.gsm ?? null} />}
    >
      <Bundles readings={readings} />
      <CountByHand readings={readings} />
    </BenchColumns>
  )
}

function Bundles({ readings }: Pick<BenchProps, 'readings'>) {
  const [warp, setWarp] = useState(EMPTY)
  const [weft, setWeft] = useState(EMPTY)
  const [warpYarn, weftYarn] = [yarnOf(warp), yarnOf(weft)]
  const keep = () => {
    if (!warpYarn || !weftYarn) return
    const yarns = {
      warpTex: warpYarn.tex,
      weftTex: weftYarn.tex,
      warpCrimp: warpYarn.crimp,
      weftCrimp: weftYarn.crimp,
    }
    readings.add({ kind: 'yarns', ...yarns }, () => {
      setWarp(EMPTY)
      setWeft(EMPTY)
    })
  }
  return (
    <Paper aria-labelledby="bundles">
      <h2 id="bundles">Pulled threads</h2>
      <BundleFields title="Warp (lengthwise)" bundle={warp} onBundle={setWarp} />
      <BundleFields title="Weft (across)" bundle={weft} onBundle={setWeft} />
      <Actions>
        <StrongButton isDisabled={!warpYarn || !weftYarn || readings.saving} onPress={keep}>
          Save yarns
        </StrongButton>
      </Actions>
    </Paper>
  )
}

function BundleFields({
  title,
  bundle,
  onBundle,
}: {
  title: string
  bundle: Bundle
  onBundle: (bundle: Bundle) => void
}) {
  const { count, grams, clothMm, straightMm } = bundle
  const isShort = clothMm !== null && straightMm !== null && straightMm < clothMm
  return (
    <div>
      <h3>{title}</h3>
      <Fields>
        <NumberField
          label="Threads in the bundle"
          minValue={1}
          value={count}
          onChange={(next) => onBundle({ ...bundle, count: next })}
        />
        <NumberField
          label="Weight of the bundle"
          unit="g"
          minValue={0}
          value={grams}
          onChange={(next) => onBundle({ ...bundle, grams: next })}
        />
        <LengthField
          label="Length in the fabric"
          of="fine"
          mm={clothMm}
          onMm={(mm) => onBundle({ ...bundle, clothMm: mm })}
        />
        <LengthField
          label="Length straightened"
          of="fine"
          mm={straightMm}
          onMm={(mm) => onBundle({ ...bundle, straightMm: mm })}
          error={isShort ? 'Straightened it must be at least as long.' : undefined}
        />
      </Fields>
    </div>
  )
}

const NOT_COUNTED = { endsPerCm: NaN, picksPerCm: NaN }

function CountByHand({ readings }: Pick<BenchProps, 'readings'>) {
  const [perCm, setPerCm] = useState(NOT_COUNTED)
  const { endsPerCm, picksPerCm } = perCm
  const isCounted = endsPerCm > 0 && picksPerCm > 0
  return (
    <Paper aria-labelledby="counted-by-hand">
      <h2 id="counted-by-hand">Threads counted by hand</h2>
      <Soft>
        Count over 2.5 cm (1 in) with a loupe and a pin, and divide. The thread counter also counts from a photo.
      </Soft>
      <Fields>
        <NumberField
          label="Warp threads per cm"
          minValue={0}
          value={endsPerCm}
          onChange={(ends) => setPerCm({ ...perCm, endsPerCm: ends })}
        />
        <NumberField
          label="Weft threads per cm"
          minValue={0}
          value={picksPerCm}
          onChange={(picks) => setPerCm({ ...perCm, picksPerCm: picks })}
        />
      </Fields>
      <Actions>
        <Button
          isDisabled={!isCounted || readings.saving}
          onPress={() =>
            readings.add(
              { kind: 'count', how: 'hand', ...perCm, skewDeg: null, twillAngleDeg: null, picture: null },
              () => setPerCm(NOT_COUNTED),
            )
          }
        >
          Save count
        </Button>
      </Actions>
    </Paper>
  )
}

function WeightAgain({ all, weighed }: { all: BenchProps['readings']['all']; weighed: Quantity | null }) {
  const { units } = usePreferences()
  const derived = weightFromThreads(all)
  const cover = coverFromThreads(all)
  if (!derived) return <Soft>Yarns and a count together also give the weight.</Soft>
  return (
    <>
      <Lead role="status">
        {formatWeight(derived, units)} <Soft as="span">from threads and yarns</Soft>
      </Lead>
      {weighed ? <Agreement derived={derived} weighed={weighed} /> : null}
      {cover === null ? null : <p>Cloth cover {cover.toFixed(1)} of 28, where the yarns would touch (Peirce).</p>}
    </>
  )
}

/** Two ways to the same weight: do they agree within their doubts? */
function Agreement({ derived, weighed }: { derived: Quantity; weighed: Quantity }) {
  const apart = Math.abs(derived.value - weighed.value) / Math.hypot(derived.sd, weighed.sd)
  return apart <= 2 ? (
    <Callout $tone="good">It agrees with the scale ({withDoubt(weighed)} g/m²).</Callout>
  ) : (
    <Callout $tone="warn">
      The scale shows {withDoubt(weighed)} g/m²: they differ by more than their errors. Is there a finish, a size, or
      a counting mistake?
    </Callout>
  )
}
