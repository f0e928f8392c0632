import type { Metadata } from 'next'
import { trustedControls } from '@/core/identify/controls'
import { ownWays } from '@/core/identify/nose'
import { ControlsBox } from '@/features/find-out/burn/controls/ControlsBox'
import { burnsOf, controlsBox } from '@/server/controls'
import { notebook } from '@/server/database'

export const metadata: Metadata = { title: 'Controls box' }
export const dynamic = 'force-dynamic'

export default async function ControlsPage() {
  const box = await controlsBox(await notebook())
  const shown = box.map(({ tests, ...control }) => ({
    ...control,
    tests: tests.filter(({ answers }) => answers.length > 0).map(({ id, answers }) => ({ id, answers })),
  }))
  return <ControlsBox box={shown} ways={ownWays(trustedControls(box.flatMap(burnsOf)))} />
}
