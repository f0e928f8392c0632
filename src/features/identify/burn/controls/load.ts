import { trustedControls } from '@/core/identify/controls'
import { ownWays } from '@/core/identify/observerCalibration'
import { burnsOf, controlsBox } from '@/server/records/controls'
import { notebook } from '@/server/database'
import { SAMPLES_SHOWN } from './boxedControl'

/** The first known pieces with their burns, and what all of them say of the person's own nose and eye. */
export async function loadControls(show = SAMPLES_SHOWN) {
  const box = await controlsBox(await notebook())
  return {
    box: box.slice(0, show).map(({ tests, ...control }) => ({
      ...control,
      tests: tests.filter(isBegun).map(({ id, answers }) => ({ id, answers })),
    })),
    of: { samples: box.length, burns: box.reduce((sum, { tests }) => sum + tests.filter(isBegun).length, 0) },
    ways: ownWays(trustedControls(box.flatMap(burnsOf))),
  }
}

const isBegun = ({ answers }: { answers: readonly unknown[] }) => answers.length > 0
