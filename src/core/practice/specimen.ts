import { burnFeatures, features } from '../identify/features'
import { unlistedFibreTables } from '../identify/unlisted/rankUnlisted'
import { gatherReports, logLikelihood } from '../identify/evidence'
import { commonReporter, type Reporter, type ReportTables } from '../identify/reporter'
import { type Component, type Observation } from '../identify/types'
import { mixtureOf } from '../identify/hypotheses'
import { fibreById } from '../fibres/catalogue'
import { FIBRE_IDS } from '../vocabulary/fibres'
import { seededRandom } from '../numbers/seededRandom'
import { isPossible } from './possible'
import { type Topic } from './topics'
import { itemAt, mustHave } from '../lists/items'

/** Of so many burns of a fibre the one that looks least like it is taken, where it is to mislead. */
const OF_SO_MANY = 24

/**
 * One specimen of a topic, burnt once: what a person would report of it at each stage, drawn from the same tables that
 * the bench reckons by, so that it misleads as often as a real one does. The same seed burns the same way for all.
 * @param reporter whose eyes and nose; this person's own where controls taught the bench, else a careful beginner's
 * @returns one observation a feature of the burn, in the order of the flame; a union’s warp first, then its weft
 */
export function burnOf(topic: Topic, seed: number, reporter: Reporter = commonReporter): Observation[] {
  const { components, weft, finish, isMisleading } = topic
  const chance = seededRandom(seed)
  if (finish) return burntOnce(unlistedFibreTables(finish), chance)
  if (isMisleading) return leastLike(components, chance, reporter)
  const warp = burntOnce(reporter.tablesOf(components), chance)
  if (!weft) return warp
  const other = burntOnce(reporter.tablesOf(weft), chance)
  return [...of('warp', warp), ...of('weft', other)]
}

const of = (part: 'warp' | 'weft', burn: readonly Observation[]) => burn.map((one) => ({ ...one, part }))

/**
 * All answers of one specimen, drawn together: each from the tables of the verdict, given what was drawn before it, so
 * that no specimen shows what none could (soft ash that stays hard, soot of what never lit).
 */
function burntOnce({ probabilities, several }: ReportTables, chance: () => number): Observation[] {
  const shown: string[] = []
  return burnFeatures.map((feature) => {
    const at = features.indexOf(feature)
    const name = (state: number) => `${feature.id}:${itemAt(feature.states, state).id}`
    const draw = () => {
      const row = Array.from(itemAt(probabilities, at), (share, state) =>
        isPossible(name(state), shown) ? share : 0,
      )
      const left = row.reduce((sum, share) => sum + share, 0)
      // Where nothing is left, what was drawn before was the rare thing; the table alone decides.
      return left > 0 ? drawn(row, chance() * left) : drawn(itemAt(probabilities, at), chance())
    }
    const first = draw()
    shown.push(name(first))
    // Some smell two things at once, seldom of one family and often of two.
    const isTwo = feature.multi && chance() < itemAt(several, at)
    const second = isTwo ? draw() : first
    shown.push(name(second))
    const states = [...new Set([first, second])].map((state) => itemAt(feature.states, state).id)
    return { feature: feature.id, states }
  })
}

/** The burn of many that speaks most for another family. */
function leastLike(components: readonly Component[], chance: () => number, reporter: Reporter): Observation[] {
  const own = reporter.tablesOf(components)
  const { family } = fibreById(itemAt(components, 0).fibre)
  const others = FIBRE_IDS.filter((id) => fibreById(id).family !== family).map((id) =>
    reporter.tables({ id, components: mixtureOf([[id, 1]]) }),
  )
  const under = (burn: Observation[], tables: ReportTables) =>
    gatherReports(burn).reduce((sum, reports) => sum + logLikelihood(reports, tables), 0)
  const forItself = (burn: Observation[]) =>
    under(burn, own) - Math.max(...others.map((tables) => under(burn, tables)))
  const burns = Array.from({ length: OF_SO_MANY }, () => burntOnce(own, chance))
  return burns.reduce((least, burn) => (forItself(burn) < forItself(least) ? burn : least))
}

/** The place of a row of probabilities on which a number in [0, 1) falls. */
function drawn(row: ArrayLike<number>, at: number): number {
  let sum = 0
  for (let i = 0; i < row.length; i++) {
    sum += mustHave(row[i])
    if (at < sum) return i
  }
  return row.length - 1
}
