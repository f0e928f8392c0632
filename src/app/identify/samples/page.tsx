import type { Metadata } from 'next'
import { ControlsBox } from '@/features/identify/burn/controls/ControlsBox'
import { SAMPLES_SHOWN } from '@/features/identify/burn/controls/boxedControl'
import { firstOf } from '@/features/shared/address/firstOf'
import { shownParam } from '@/features/shared/address/shown'
import { loadControls } from '@/features/identify/burn/controls/load'
import { damagedOf } from '@/features/shared/damaged/load'

export const metadata: Metadata = { title: 'Known samples' }

export default async function ControlsPage({
  searchParams,
}: {
  searchParams: Promise<{ show?: string | string[] }>
}) {
  const show = shownParam(SAMPLES_SHOWN).read(firstOf((await searchParams).show, 8))
  const [controls, damaged] = await Promise.all([loadControls(show), damagedOf('control')])
  return <ControlsBox {...controls} damaged={damaged} />
}
