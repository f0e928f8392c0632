'use client'

import { useEffect, useState } from 'react'
import styled from 'styled-components'
import { type LengthsRead } from '@/core/choose/envelope/readLengths'
import { type LengthAsked } from '@/core/notebook/schemas/making'
import { formatLength, formatWidth } from '@/core/units/format'
import { TextField } from '@/ui/kit/fields'
import { Figures, Callout, Stack } from '@/ui/kit/surfaces'
import { usePreferences } from '../../shared/settings/PreferencesContext'

const Wide = styled.div`
  overflow-x: auto;
`

interface Props {
  label: string
  value: string
  onChange: (value: string) => void
}

const NOTHING: LengthsRead = { lengths: [], notRead: [] }

/** What is read of a text; what reads it is fetched once there is one. */
function useLengths(text: string): LengthsRead {
  const [read, setRead] = useState(NOTHING)
  useEffect(() => {
    let isCurrent = true
    void (text.trim() === '' ? Promise.resolve(NOTHING) : reading(text)).then((now) => isCurrent && setRead(now))
    return () => {
      isCurrent = false
    }
  }, [text])
  return read
}

const reading = async (text: string) => (await import('@/core/choose/envelope/readLengths')).readLengths(text)

/** A table of lengths as it is typed or pasted, and what is read of it. */
export function LengthsField({ label, value, onChange }: Props) {
  const { lengths, notRead } = useLengths(value)
  return (
    <Stack $gap="0.6rem">
      <TextField
        label={label}
        hint="One line for each width: “115 cm 2.4 m”, “45 in 2⅝ yd, with nap”; put sizes and views on their own lines."
        rows={4}
        value={value}
        onChange={onChange}
      />
      {lengths.length > 0 ? <LengthsTable lengths={lengths} /> : null}
      {notRead.length > 0 ? <Callout>We found no length in “{notRead.slice(0, 3).join('”, “')}”.</Callout> : null}
    </Stack>
  )
}

/** Lengths by width, a column a size. */
export function LengthsTable({ lengths }: { lengths: readonly LengthAsked[] }) {
  const { units } = usePreferences()
  const sizes = [...new Set(lengths.map(({ size }) => size))]
  const keyOf = ({ view, widthMm, nap }: LengthAsked) => `${view ?? ''}|${widthMm}|${nap}`
  const rows = [...new Map(lengths.map((one) => [keyOf(one), one])).entries()]
  const at = (key: string, size: string | null) => lengths.find((one) => keyOf(one) === key && one.size === size)
  return (
    <Wide>
      <Figures>
        <caption className="visually-hidden">Lengths by width and size</caption>
        <thead>
          <tr>
            <th scope="col">Width</th>
            {sizes.map((size) => (
              <th key={size ?? ''} scope="col">
                {size ?? 'all sizes'}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(([key, { view, widthMm, nap }]) => (
            <tr key={key}>
              <th scope="row">
                {view ? `${view}: ` : ''}
                {formatWidth(widthMm, units)}
                {nap ? ', one way' : ''}
              </th>
              {sizes.map((size) => {
                const one = at(key, size)
                return <td key={size ?? ''}>{one ? formatLength(one.lengthMm, units) : ''}</td>
              })}
            </tr>
          ))}
        </tbody>
      </Figures>
    </Wide>
  )
}
