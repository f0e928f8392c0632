import { seededRandom } from '@/core/numbers/seededRandom'
import { offerFrom } from '@/core/fabric/offer'
import { minutesOf } from '@/core/prepare/minutes'
import { lowerBound, schedule } from '@/core/prepare/schedule'
import { preparationStepsOf } from '@/core/prepare/steps'
import { GARMENTS } from '@/core/vocabulary/choosing'

const HOUSEHOLD = { washerKg: 6, dryer: false, lineMetres: 8, celsius: 18, humidityPercent: 60 }
const CLOTHS = ['linen', 'calico', 'challis', 'denim', 'jersey', 'chambray', 'flannel', 'poplin'] as const

/** Twelve projects of about thirty steps in the hours of two months: how near the bound, and how long it takes. */
export function benchPlanning(): void {
  const ratios: number[] = []
  const gains: number[] = []
  let slowest = 0
  for (let seed = 1; seed <= 5; seed++) {
    const chance = seededRandom(seed)
    const one = <T>(list: readonly T[]): T => list[Math.floor(chance() * list.length)]!
    const projects = Array.from({ length: 12 }, (_, i) => {
      const piece = {
        id: `p${i}`,
        offer: offerFrom({ called: one(CLOTHS) }),
        grams: 300 + chance() * 1500,
        willBeWashed: 'warm' as const,
        shade: one(['light', 'dark'] as const),
        bleeds: false,
        testSquare: null,
      }
      return preparationStepsOf([piece], { garment: one(GARMENTS) }, HOUSEHOLD, {}, 180).steps.map((step) => ({
        ...step,
        id: `${i} ${step.id}`,
        after: step.after.map((id) => `${i} ${id}`),
      }))
    })
    const begin = minutesOf('2026-05-01T09:00')!
    const free = Array.from({ length: 120 }, (_, i) => ({ start: begin + i * 1440, end: begin + i * 1440 + 180 }))
    const all = projects.flat()
    const started = performance.now()
    const together = schedule(all, free, HOUSEHOLD, seededRandom(seed))
    slowest = Math.max(slowest, performance.now() - started)
    ratios.push((together.finish! - begin) / (lowerBound(all, free)! - begin))
    let until = begin
    for (const steps of projects) {
      const left = free.flatMap(({ start, end }) => (end > until ? [{ start: Math.max(start, until), end }] : []))
      until = schedule(steps, left, HOUSEHOLD, seededRandom(seed)).finish!
    }
    gains.push((until - begin) / (together.finish! - begin))
  }
  const shown = (list: readonly number[]) => list.map((value) => value.toFixed(2)).join(', ')
  console.log('\nPlanning')
  console.log(
    `  twelve projects against their lower bound: ${shown(ratios)} (aim 1.1); ${Math.round(slowest)} ms at most`,
  )
  console.log(`  one project after another takes so many times as long: ${shown(gains)} (aim 1.3)`)
}
