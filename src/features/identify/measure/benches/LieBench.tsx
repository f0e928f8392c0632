'use client'

import { useState } from 'react'
import { finishes } from '@/core/measure/lie/finish'
import { rightSigns } from '@/core/measure/lie/rightSide'
import { weighSigns, type SideLeaning, type Said, type Signs } from '@/core/measure/lie/signs'
import { warpSigns } from '@/core/measure/lie/warp'
import { ofKind } from '@/core/notebook/measurements/kept'
import { formatPercent } from '@/core/units/format'
import { StrongButton } from '@/ui/kit/buttons'
import { Actions, Lead, PlainList } from '@/ui/kit/surfaces'
import { BenchColumns, type BenchProps } from './common'
import { NapColourFinish } from './lie/NapColourFinish'
import { PrintFields } from './lie/PrintFields'
import { SignsOf } from './lie/SignsOf'
import { type LieDraft } from './lie/draft'

const WARP_CHOICES = [
  ['a', 'A'],
  ['b', 'B'],
  ['neither', 'no difference'],
] as const
const RIGHT_CHOICES = [
  ['a', 'the side that is up'],
  ['b', 'the other side'],
  ['neither', 'no difference'],
] as const

/** Which way a piece lies, sign after sign. */
export function LieBench({ piece, readings }: BenchProps) {
  const kept = ofKind(readings.now, 'lie')
  const last = kept.at(-1)?.data
  const [draft, setDraft] = useState<LieDraft>({
    warpSigns: last?.warpSigns ?? {},
    rightSigns: last?.rightSigns ?? {},
    nap: last?.nap ?? 'unknown',
    colourFrom: last?.colourFrom ?? 'unknown',
    finish: last?.finish ?? [],
    printRepeatMm: last?.printRepeatMm ?? null,
    printOffMm: last?.printOffMm ?? null,
    widthMm: last?.widthMm ?? piece?.widthMm ?? null,
  })
  const set = (change: Partial<LieDraft>) => setDraft((before) => ({ ...before, ...change }))
  const keep = () =>
    readings.add({
      kind: 'lie',
      ...draft,
      warpSigns: spoken(draft.warpSigns),
      rightSigns: spoken(draft.rightSigns),
    })
  return (
    <BenchColumns
      first="1.4fr"
      kept={kept}
      readings={readings}
      comesTo={
        <>
          <Lies draft={draft} />
          <Actions>
            <StrongButton isDisabled={readings.saving} onPress={keep}>
              Save
            </StrongButton>
          </Actions>
          <h3>Saved</h3>
        </>
      }
    >
      <SignsOf
        title="The warp"
        signs={warpSigns}
        said={draft.warpSigns}
        onSay={(said) => set({ warpSigns: said })}
        choices={WARP_CHOICES}
      />
      <SignsOf
        title="The right side"
        signs={rightSigns}
        said={draft.rightSigns}
        onSay={(said) => set({ rightSigns: said })}
        choices={RIGHT_CHOICES}
      />
      <NapColourFinish draft={draft} onChange={set} />
      <PrintFields draft={draft} onChange={set} />
    </BenchColumns>
  )
}

function Lies({ draft: { warpSigns: warp, rightSigns: right, finish } }: { draft: LieDraft }) {
  return (
    <>
      <div role="status">
        <Lead>{warpWords(weighSigns(warpSigns, warp))}</Lead>
        <Lead>{rightWords(weighSigns(rightSigns, right), Object.keys(right).length > 0)}</Lead>
      </div>
      <PlainList>
        {finish.map((one) => (
          <li key={one}>
            <b>{finishes[one].label}:</b> {finishes[one].means}
          </li>
        ))}
      </PlainList>
    </>
  )
}

const spoken = (signs: Signs): Record<string, Said> =>
  Object.fromEntries(Object.entries(signs).filter((one): one is [string, Said] => one[1] !== undefined))

function warpWords({ which, a, spoken: isSpoken }: SideLeaning): string {
  if (which) return `The warp runs along ${which.toUpperCase()} (${formatPercent(which === 'a' ? a : 1 - a)}).`
  if (!isSpoken) return 'We know nothing about the warp yet.'
  return `Not clear: ${formatPercent(a)} for A. Look for one more sign.`
}

function rightWords({ which, a, spoken: isSpoken }: SideLeaning, isLooked: boolean): string {
  if (which === 'a') return `The right side is facing up (${formatPercent(a)}).`
  if (which === 'b') return `The right side is facing down (${formatPercent(1 - a)}).`
  if (!isLooked) return 'Nobody has looked for the right side yet.'
  if (isSpoken) return 'The right side is not clear. Either may be the better one: choose one, and keep to it.'
  return (
    'The sides look the same: choose one, and chalk a cross on the wrong side of every piece, ' +
    'since they may differ in another light.'
  )
}
