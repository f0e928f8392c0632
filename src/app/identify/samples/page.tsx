import type { Metadata } from 'next'
import { ControlsBox } from '@/features/identify/burn/controls/ControlsBox'
import { loadControls } from '@/features/identify/burn/controls/load'
import { damagedOf } from '@/features/shared/damaged/load'

export const metadata: Metadata = { title: 'Known samples' }
export const dynamic = 'force-dynamic'

export default async function ControlsPage() {
  const [controls, damaged] = await Promise.all([loadControls(), damagedOf('control')])
  return <ControlsBox {...controls} damaged={damaged} />
}
