import { trustedControls } from '@/core/identify/controls'
import { ownWays } from '@/core/identify/observerCalibration'
import { burnsOf, controlsBox } from '@/server/records/controls'
import { notebook } from '@/server/database'

/** The known pieces with their burns, and what they say of the person's own nose and eye. */
export async function loadControls() {
  const box = await controlsBox(await notebook())
  return {
    box: box.map(({ tests, ...control }) => ({
      ...control,
      tests: tests.filter(({ answers }) => answers.length > 0).map(({ id, answers }) => ({ id, answers })),
    })),
    ways: ownWays(trustedControls(box.flatMap(burnsOf))),
  }
}
