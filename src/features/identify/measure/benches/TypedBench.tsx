'use client'

import { usePathname } from 'next/navigation'
import { findMeasurementKind, readingFormOf } from '@/core/notebook/measurements'
import { BenchColumns, type BenchProps } from './common'
import { TypedForm } from './TypedForm'
import { lastOf } from '@/core/lists/items'

/** The bench of a kind of measurement that declares what is typed, and nothing else. */
export function TypedBenchForm({ readings }: BenchProps) {
  const kind = findMeasurementKind(lastOf(usePathname().split('/')))
  if (!kind) return null
  const kept = readings.now.filter(({ data }) => readingFormOf(data).kind.id === kind.id)
  return (
    <BenchColumns kept={kept} readings={readings} comesTo={null}>
      {Object.entries(kind.forms)
        .filter(([, form]) => form.entry)
        .map(([id, form]) => (
          <TypedForm key={id} id={id} form={form} readings={readings} />
        ))}
    </BenchColumns>
  )
}
