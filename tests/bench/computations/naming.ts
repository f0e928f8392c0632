import { namedCloths } from '@/core/cloths/catalogue'
import { inspectionById } from '@/core/cloths/inspection'
import { logTableOf, logNamedWeightDensity } from '@/core/cloths/likelihood'
import { nameCloth } from '@/core/cloths/name'
import { compare } from '../tools/processor'
import { type Figure } from '../tools/report'
import { ratioFigure } from '../tools/words'

const LOOKS = { construction: ['woven'], interlacing: ['plain'], body: ['soft'], opacity: ['opaque'] }
const GSM = 120
const priors = Float64Array.from(namedCloths, ({ common }) => Math.log(common))

/** The posterior over all names, and their order. */
function bareOrder(): Int32Array {
  const masses = Float64Array.from(priors)
  for (const [id, [state]] of Object.entries(LOOKS)) {
    const feature = inspectionById(id)
    const table = logTableOf(feature)
    const at = feature.states.findIndex((one) => one.id === state)
    for (let i = 0; i < masses.length; i++)
      masses[i] = (masses[i] as number) + (table[i * feature.states.length + at] as number)
  }
  namedCloths.forEach(({ gsm }, i) => (masses[i] = (masses[i] as number) + logNamedWeightDensity(GSM, gsm)))
  const highest = Math.max(...masses)
  const shares = masses.map((mass) => Math.exp(mass - highest))
  return Int32Array.from(shares, (_, i) => i).sort((a, b) => (shares[b] as number) - (shares[a] as number))
}

export async function benchNaming(): Promise<Figure[]> {
  const compared = await compare(() => nameCloth({ inspection: LOOKS, gsm: GSM }), bareOrder)
  return [
    ratioFigure('name, with reasons and what to look at next', 'a posterior over all names and a sort', compared, 4),
  ]
}
