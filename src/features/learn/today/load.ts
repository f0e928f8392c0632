import { DRILL_MINUTES, type Drill } from '@/core/practice/session'
import { notebook } from '@/server/database'
import { sittingFor } from '@/server/records/sitting'

/** How long somebody may have. */
export const LENGTHS = [5, 20] as const

/** Where each is practised, and how one and many of it are called. */
const PLACES: Readonly<Record<Drill, { href: string; one: string; many: string }>> = {
  burn: { href: '/learn/practice', one: 'burn', many: 'burns' },
  look: { href: '/learn/name', one: 'fabric to name', many: 'fabrics to name' },
  side: { href: '/learn/warp-and-nap', one: 'fabric to look at', many: 'fabrics to look at' },
  number: { href: '/learn/figures', one: 'weight to guess', many: 'weights to guess' },
}

/** What is practised now, in the minutes that there are. @param now ISO 8601 */
export async function loadToday(asked: string, now: string) {
  const minutes = LENGTHS.find((one) => String(one) === asked) ?? LENGTHS[0]
  const sitting = await sittingFor(await notebook(), minutes, now)
  return {
    minutes,
    lengths: LENGTHS,
    steps: sitting.map(({ drill, count, fresh }) => ({
      href: PLACES[drill].href,
      says: `${count} ${count === 1 ? PLACES[drill].one : PLACES[drill].many}`,
      fresh: fresh === 0 ? '' : fresh === count ? 'new' : `${fresh} of them new`,
      minutes: Math.max(1, Math.round(count * DRILL_MINUTES[drill])),
    })),
  }
}
export type TodayData = Awaited<ReturnType<typeof loadToday>>
