import { benchLaying } from './laying'
import { benchPlanning } from './planning'
import { match } from '@/core/choose/match'
import { offerFrom } from '@/core/fabric/offer'
import { namedCloths } from '@/core/cloths/catalogue'
import { GARMENTS } from '@/core/vocabulary/choosing'
import { features } from '@/core/identify/features'
import { hypotheses } from '@/core/identify/hypotheses'
import { identify } from '@/core/identify/identify'
import { reportProbabilities } from '@/core/identify/mixture'
import { commonReporter } from '@/core/identify/reporter'
import { type Observation } from '@/core/identify/types'
import { clothTile } from '@/ui/cloth/tile'
import { TileSchema } from '@/ui/cloth/query'
import { reporterTaughtBy } from '@/core/identify/observerCalibration'
import { beliefSteps, whatIf } from '@/core/identify/whatIf'
import { countThreads } from '@/core/loupe/count'
import { frequencySpectrumOf } from '@/core/loupe/spectrum'
import { drafts } from '@/core/weave/drafts'
import { dice, seen } from '../support/seen'
import { weavePicture } from '@/devices/standins/weavePicture'
import { printAccuracy } from './accuracy'
import { printMatching } from './matching'

/** Median seconds of one call, over `rounds` after a warm-up. */
function median(call: () => unknown, rounds = 60): number {
  for (let i = 0; i < 10; i++) call()
  const times = Array.from({ length: rounds }, () => {
    const start = performance.now()
    call()
    return (performance.now() - start) / 1000
  })
  return times.sort((a, b) => a - b)[Math.floor(rounds / 2)]!
}

/** How many times as long `call` takes as `peer`: the two alternate, so that a busy machine slows both alike. */
function ratioOf(call: () => unknown, peer: () => unknown, rounds = 120) {
  for (let i = 0; i < 20; i++) {
    call()
    peer()
  }
  const seconds = (run: () => unknown) => {
    const start = performance.now()
    run()
    return performance.now() - start
  }
  const ratios = Array.from({ length: rounds }, () => seconds(call) / seconds(peer)).sort((a, b) => a - b)
  const at = (quantile: number) => ratios[Math.floor(quantile * (rounds - 1))]!
  return { median: at(0.5), low: at(0.1), high: at(0.9) }
}

const burn: Observation[] = seen({
  approach: 'unmoved',
  ignition: 'quick',
  flame: 'yellow-fast',
  melting: 'none',
  'after-removal': 'burns-on',
  afterglow: 'yes',
  smoke: 'pale',
  smell: 'paper',
  residue: 'soft-ash',
  'residue-colour': 'pale-grey',
  crush: 'powders',
})

/** The naive way: every report table worked out anew for every hypothesis, and nothing else than the product. */
function naivePosterior(observations: readonly Observation[]): number[] {
  const masses = hypotheses.map(({ components, prior }) =>
    observations.reduce((mass, { feature: id, states }) => {
      const feature = features.find((one) => one.id === id)!
      const row = reportProbabilities(feature, components)
      return states.reduce(
        (product, state) => product * row[feature.states.findIndex((one) => one.id === state)]!,
        mass,
      )
    }, prior),
  )
  const total = masses.reduce((a, b) => a + b, 0)
  return masses.map((mass) => mass / total)
}

const builtOnce = hypotheses.map((hypothesis) => commonReporter.tables(hypothesis).logs)
const priorLogs = hypotheses.map(({ prior }) => Math.log(prior))

/** The flat way with its tables built once: Bayes' rule and nothing else, no look, no repeat, no words. */
function flatPosterior(observations: readonly Observation[]): Float64Array {
  const answers = observations.flatMap(({ feature: id, states }) => {
    const column = features.findIndex((one) => one.id === id)
    return states.map((state) => ({ column, row: features[column]!.states.findIndex((one) => one.id === state) }))
  })
  const masses = new Float64Array(hypotheses.length)
  let highest = -Infinity
  for (let h = 0; h < masses.length; h++) {
    let log = priorLogs[h]!
    for (const { column, row } of answers) log += builtOnce[h]![column]![row]!
    masses[h] = log
    highest = Math.max(highest, log)
  }
  let total = 0
  for (let h = 0; h < masses.length; h++) total += masses[h] = Math.exp(masses[h]! - highest)
  for (let h = 0; h < masses.length; h++) masses[h] = masses[h]! / total
  return masses
}

const rows: [what: string, against: string, ratio: number, note: string][] = []
const full = median(() => identify({ observations: burn }))
const naive = median(() => naivePosterior(burn))
rows.push([
  'identify, everything (posterior, verdict, next tests, evidence, conflicts)',
  'naive posterior alone',
  full / naive,
  `${(full * 1000).toFixed(2)} ms at the median, ${hypotheses.length} hypotheses, ${burn.length} observations`,
])
const besideFlat = ratioOf(
  () => identify({ observations: burn }),
  () => flatPosterior(burn),
)
rows.push([
  'identify, everything',
  'a flat posterior, its tables built once (goal: at most 8)',
  besideFlat.median,
  `between ${besideFlat.low.toFixed(1)} and ${besideFlat.high.toFixed(1)}, tenth to ninetieth percentile`,
])
const parts = median(() =>
  identify({
    observations: [
      ...seen({ smell: 'paper', crush: 'powders' }, 'warp'),
      ...seen({ smell: 'hair-feather', crush: 'crumbles' }, 'weft'),
    ],
  }),
)
rows.push(['identify, warp and weft apart', 'identify, whole cloth', parts / full, `${(parts * 1000).toFixed(2)} ms`])

const threes = hypotheses.filter(({ components }) => components.length === 3).length
rows.push([
  'what if: every answer to one question',
  'identify, everything',
  median(() => whatIf({ observations: burn }, 'smell', 'whole')) / full,
  `${features.find(({ id }) => id === 'smell')!.states.length} beliefs; ${threes} of the hypotheses are ` +
    'blends of three',
])
rows.push([
  'the belief after each answer',
  'identify, everything',
  median(() => beliefSteps({ observations: burn })) / full,
  `${burn.length + 1} beliefs`,
])
const taught = Array.from({ length: 20 }, () => ({ fibre: 'cotton' as const, observations: burn }))
reporterTaughtBy(taught)
rows.push([
  'identify, by a nose taught on 20 controls',
  'identify, everything',
  median(() => identify({ observations: burn, controls: taught })) / full,
  'tables kept from the first time on',
])

const offers = namedCloths.map((cloth) => offerFrom({ called: cloth.name.uk }))
const all = median(() => GARMENTS.map((garment) => offers.map((offer) => match({ garment }, offer))), 8)
const one = median(() => match({ garment: 'shirt' }, offers[0]!))
rows.push([
  `match, ${GARMENTS.length} garments × ${offers.length} cloths`,
  'that many single matches',
  all / (one * GARMENTS.length * offers.length),
  `${(all * 1000).toFixed(0)} ms`,
])

const tile = (weave: string) =>
  TileSchema.parse({ weave, warp: '3f7d70', weft: 'efe9dc', colouring: 'check', accent: 'a8433a' })
const herringbone = median(() => clothTile(tile('herringbone')))
const plain = median(() => clothTile(tile('plain')))
rows.push([
  'drawing herringbone',
  'drawing plain weave',
  herringbone / plain,
  `${(herringbone * 1000).toFixed(2)} ms`,
])

const picture = weavePicture(
  {
    drawdown: drafts.twill!,
    endsPerCm: 30,
    picksPerCm: 26,
    pixelsPerCm: 300,
    width: 1024,
    height: 1024,
    turnDeg: 7,
    noise: 6,
  },
  dice(4),
)
const count = median(() => countThreads(picture, 300), 5)
const transform = median(() => frequencySpectrumOf(picture), 5)
rows.push([
  'counting the threads of a picture of 1024 × 1024',
  'one 2-D FFT of it',
  count / transform,
  `${(count * 1000).toFixed(0)} ms`,
])

console.log('Ratios of medians in one run; times are of this machine and only to judge the ratios by.\n')
for (const [what, against, ratio, note] of rows)
  console.log(`${ratio.toFixed(2).padStart(10)} ×  ${what}\n             against ${against} (${note})`)

printMatching()
printAccuracy()
benchLaying()
benchPlanning()
