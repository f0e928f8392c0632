'use client'

import { SelectField } from '@/ui/kit/SelectField'

const SURENESS = [
  ['0.3', 'guessing'],
  ['0.6', 'rather sure'],
  ['0.8', 'fairly sure'],
  ['0.95', 'sure'],
] as const
export type SureAnswer = (typeof SURENESS)[number][0]

/** Where it begins: neither guessed nor sure. */
export const LEANING: SureAnswer = '0.6'

/** How sure somebody is of what they will say. */
export function SureField({ value, onChange }: { value: SureAnswer; onChange: (sure: SureAnswer) => void }) {
  return <SelectField label="How sure are you?" value={value} onChange={onChange} options={SURENESS} />
}
