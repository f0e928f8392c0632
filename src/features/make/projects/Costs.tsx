'use client'

import { TextField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { Fields, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { changeProject } from './actions'
import { costLines, costTotal } from './projectCosts'
import { type ProjectData } from './types'
import { moneyText } from '@/core/units/money'
import { useSay } from '@/ui/text/reader'

/** What everything for a project costs, thing by thing. @param cloths those that are bought */
export function Costs({ project, cloths }: { project: ProjectData; cloths: readonly string[] }) {
  const { id, currency, costs, notions, supplies } = project
  const say = useSay()
  const { busy, trouble, doing } = useAsyncAction()
  const named = [...cloths, ...notions.map(({ text }) => text)].map((text) => ({ what: text, label: text }))
  const reckoned = supplies.map((one) => ({ what: `supply: ${one.id}`, label: say(one.text) }))
  const lines = costLines([...named, ...reckoned], costs)
  const { sum, open } = costTotal(lines)
  if (lines.length === 0) return null
  return (
    <WhenOpened summary={sum > 0 ? `It costs ${moneyText(sum, currency)}${openWords(open)}` : 'Costs'}>
      {() => (
        <Stack $gap="0.6rem">
          <Soft>Enter each price when you pay it; fabric from the stash has its price on its own page.</Soft>
          <Fields>
            <TextField
              label="Currency"
              value={currency}
              maxLength={8}
              onChange={(next) => doing(() => changeProject(id, { do: 'currency', currency: next }))}
            />
            {lines.map(({ what, label, amount }) => (
              <NumberField
                key={what}
                label={label}
                minValue={0}
                value={amount ?? Number.NaN}
                isDisabled={busy}
                onChange={(next) =>
                  doing(() => changeProject(id, { do: 'cost', what, amount: Number.isFinite(next) ? next : null }))
                }
              />
            ))}
          </Fields>
          <Trouble>{trouble}</Trouble>
        </Stack>
      )}
    </WhenOpened>
  )
}

const openWords = (open: number) => (open > 0 ? `, and ${open} without a price yet` : '')
