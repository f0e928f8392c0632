import { fibreById } from '@/core/fibres/catalogue'
import { type FibreId } from '@/core/vocabulary/fibres'
import { type Cloth } from './cloths'
import { makeups, substances, type Makeup, type Substance } from './fibres'
import { type Circumstance, type Person } from './people'

/** Probability of each report of a feature, in the order of the vocabulary's states. */
export type Reports = Readonly<Record<string, readonly number[]>>

/** Standard normal distribution function (Abramowitz & Stegun 26.2.17, from memory; to about 1e-4). */
function below(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z))
  const tail =
    0.3989423 *
    Math.exp((-z * z) / 2) *
    t *
    (0.3193815 + t * (-0.3565638 + t * (1.781478 + t * (-1.821256 + t * 1.330274))))
  return z > 0 ? 1 - tail : tail
}

/** Chances of falling into each of the bands between cuts, for a value judged with a blur. */
function bands(value: number, cuts: readonly number[], blur: number): number[] {
  const edges = [0, ...cuts.map((cut) => below((cut - value) / blur)), 1]
  return edges.slice(1).map((edge, index) => Math.max(1e-6, edge - edges[index]!))
}

function scaled(parts: readonly number[], sharpness = 1): number[] {
  const raised = parts.map((part) => Math.max(1e-6, part) ** sharpness)
  const total = raised.reduce((sum, part) => sum + part, 0)
  return raised.map((part) => part / total)
}

/**
 * What a person reports of a cloth, in these circumstances, a distribution a feature. Every answer of one burn goes
 * through the same leaning specimen, heat, dye and thresholds, so that answers are correlated as they are at a real
 * table.
 */
export function reportsOf(
  cloth: Cloth,
  { dye, finish, tightness, heat, lean }: Circumstance,
  { blur, bias, says, mistakes }: Person,
): Reports {
  const shares = leaning(cloth, lean)
  const mean = (key: Exclude<keyof Substance, 'smell'>) =>
    shares.reduce((sum, [fibre, share]) => sum + share * substances.get(fibre)![key], 0)
  const share = (test: (fibre: FibreId) => boolean) =>
    shares.reduce((sum, [fibre, part]) => sum + (test(fibre) ? part : 0), 0)
  const familyShare = (...families: string[]) => share((fibre) => families.includes(fibreById(fibre).family))

  const melt = share((fibre) => substances.get(fibre)!.melts > 0.5)
  const cellulose = familyShare('plant', 'regenerated')
  const protein = familyShare('protein')
  const mineral = familyShare('mineral')
  const stretchy = share((fibre) => fibre === 'elastane')
  // Cellulose holds the melt up like a wick: it burns on and does not drip.
  const wick = cellulose > 0.15 && melt > 0.1 ? 0.35 * Math.min(1, cellulose * 2) : 0
  // A mixture of cellulose and protein burns on as the cellulose does, and leaves black that crumbles.
  const mingled = Math.min(cellulose, protein) * 2
  const liquid = mean('melts') + heat * 0.6
  const sustain = mean('sustains') + wick + mingled * 0.22 + heat * 0.5
  const hardness = mean('hard') + heat * 0.4 + bias.hardness
  const speck = melt > 0.03 && melt < 0.75 ? Math.min(1, melt * 3.2) * (1 - melt) * 1.6 : 0

  const clean: Record<string, number[]> = {
    approach: scaled(
      [
        0.9 * (1 - mean('curls')) * (1 - Math.min(1, liquid)),
        mean('curls') * (1 - liquid * 0.55),
        liquid * (1 - 0.2 * protein),
      ],
      2,
    ),
    ignition: [
      ...bands(mean('catches') - tightness - finish * 0.15 + heat + bias.speed, [0.08, 0.48, 0.76], blur * 1.4),
    ].reverse(),
    flame: scaled(
      [
        mean('lively') * sustain * (1 - melt) * (0.8 + bias.speed),
        (1 - mean('lively')) * sustain * (1 - melt) + 0.06,
        0.32 * protein + 0.2 * melt * (1 - cellulose) + 0.02,
        melt * (1 - mean('lively')) * 0.9,
        mean('lively') * mean('soot') * melt * 0.7,
        mineral + (sustain < 0.15 ? 0.2 : 0.02),
      ],
      1.5,
    ),
    melting: bands(liquid * (1 - wick * 0.6) - (1 - mean('drips')) * 0.05, [0.1, 0.5, 0.84], blur * 0.9),
    'after-removal': [...bands(sustain, [-0.1, 0.16, 0.4, 0.72], blur * 1.3)].reverse(),
    afterglow: [
      1 - below((0.5 - mean('glows') * (1 - melt * 0.6)) / 0.25),
      below((0.5 - mean('glows') * (1 - melt * 0.6)) / 0.25),
    ],
    smoke: bands(mean('soot') + heat * 0.5 + bias.colour, [0.22, 0.48, 0.72], blur * 1.5),
    smell: heard(shares, says),
    residue: scaled(
      [
        cellulose * (1 - mean('holds') - tightness * 0.5) * (1 - speck * 0.6),
        cellulose * (mean('holds') + tightness * 0.5) * (1 - speck * 0.5),
        protein * 0.3 + mingled * 0.45 + 0.06 * mean('dark') * melt,
        protein * 0.75 * (1 - speck * 0.6) * (1 - mingled * 0.5),
        melt > 0.5 ? melt * mean('drips') * 1.2 : melt * 0.12,
        melt > 0.4 ? melt * (1.05 - mean('drips')) : melt * 0.15,
        speck * (cellulose + protein),
        stretchy * 2 + 0.02 * melt,
        stretchy + 0.03 * cellulose + mingled * 0.2,
        mineral * 1.2 + 0.005,
      ],
      1.6,
    ),
    'residue-colour': bands(mean('dark') + dye + heat * 0.5 + bias.colour, [0.22, 0.45, 0.6], blur * 1.3),
    crush: bands(hardness * 0.8 + speck * 0.35, [0.22, 0.5], blur * 1.1),
    'water-drop': [...bands(mean('absorbs') - finish, [0.28, 0.56], blur * 1.6)].reverse(),
    'wet-strength': bands(mean('wetGain'), [-0.3, 0.22], blur * 1.5 + 0.05),
    'yarn-break': scaled(
      [1.05 - mean('longEnds') - mean('stretch') * 0.7, mean('longEnds'), mean('stretch') * 0.9, stretchy * 3 + 0.01],
      2,
    ),
    'yarn-type': [1 - mean('filament'), mean('filament')],
    scrunch: [...bands(mean('creases') + tightness - finish * 0.3, [0.28, 0.6], blur * 1.5)].reverse(),
    lustre: bands(mean('shine') + tightness + bias.shine, [0.3, 0.62], blur * 1.6),
    touch: bands(mean('warm') - tightness, [0.3, 0.6], blur * 1.5),
    // Single fibres and small pinches: a mixture answers now for one of its fibres, now for the other.
    acetone: mixed(shares, ({ acetone }) => [...bands(acetone, [0.22, 0.72], 0.09)].reverse()),
    bleach: mixed(shares, ({ bleach }) => [bleach, 1 - bleach]),
    'drying-twist': mixed(shares, ({ twist }) => {
      const [left, neither, right] = bands(twist, [-0.4, 0.4], blur * 2.4)
      return [right!, left!, neither!]
    }),
    'loupe-fibre': mixed(shares, ({ view }) => view),
    // A pinch is caught by its own air now and then.
    float: [
      below((1.02 - shares.reduce((sum, [fibre, part]) => sum + part * makeups.get(fibre)!.density, 0)) / 0.05) +
        0.02,
      1,
    ],
  }
  return Object.fromEntries(
    Object.entries(clean).map(([feature, row]) => [
      feature,
      scaled(row).map((part) => (1 - mistakes) * part + mistakes / row.length),
    ]),
  )
}

/** Chances of each answer where every fibre answers for itself, by its share. */
function mixed(shares: Cloth, answer: (makeup: Makeup) => readonly number[]): number[] {
  return shares
    .map(([fibre, part]) => scaled(answer(makeups.get(fibre)!)).map((chance) => chance * part))
    .reduce((sum, row) => sum.map((value, index) => value + row[index]!))
}

/** The specimen's own shares: a pinch of a mixed yarn is never exactly the cloth. */
function leaning(cloth: Cloth, lean: number): Cloth {
  if (cloth.length < 2) return cloth
  const moved = cloth.map(
    ([fibre, share], index) => [fibre, Math.max(0.004, share * (index === 0 ? 1 - lean : 1 + lean * 1.5))] as const,
  )
  const total = moved.reduce((sum, [, share]) => sum + share, 0)
  return moved.map(([fibre, share]) => [fibre, share / total] as const)
}

/** Smells as strong as their fibre's share, a little hair louder than much paper, in this person's words. */
function heard(shares: Cloth, says: Person['says']): number[] {
  const strength = new Array<number>(says.length).fill(0)
  for (const [fibre, share] of shares) {
    const loud = fibreById(fibre).family === 'protein' ? 1.7 : fibre === 'elastane' ? 2.2 : 1
    substances.get(fibre)!.smell.forEach((part, word) => {
      strength[word] = strength[word]! + share * loud * part
    })
  }
  const said = new Array<number>(says.length).fill(0)
  strength.forEach((part, word) => {
    const { instead, howOften } = says[word]!
    said[word] = said[word]! + part * (1 - howOften)
    said[instead] = said[instead]! + part * howOften
  })
  return scaled(said, 1.2)
}
