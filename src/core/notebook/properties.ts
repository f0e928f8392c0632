import { clothCalled } from '../cloths/catalogue'
import { inspectionById } from '../cloths/inspection'
import { type InspectionId } from '../vocabulary/inspection'
import { nameCloth } from '../cloths/name'
import { fibreListWords, fibreName } from '../identify/words'
import { type Construction, WASH_STATE_WORDS } from '../vocabulary/cloth'
import { type Vocabulary } from '../vocabulary/words'
import { clothCover, coverFactor, massFromConstruction } from '../measure/construction'
import { absorbencyWords, creaseWords, crockingWords } from '../measure/grades'
import { bowPercent, skewPercent } from '../measure/grain'
import { type ShrinkageCurve } from '../measure/shrinkage'
import { recoveryWords, stretchClassOf } from '../measure/stretch'
import { ironFor } from '../sew/irons'
import { needleFor } from '../sew/needles'
import { MM_PER_INCH } from '../units/constants'
import {
  capitalised,
  formatLength,
  formatPercent,
  formatWeight,
  formatWeightRange,
  formatWidth,
  withDoubt,
  type UnitSystem,
} from '../units/format'
import { type Quantity } from '../units/quantity'
import { opacityForetold } from './foretell'
import { opacityOverall, rigidityOf, shrinkageOf, type Measured } from './measured'
import { ofKind, type KeptMeasurement } from './measurements'
import { type Piece } from './records'
import { lieWords } from './lie'
import { type PropertySheet } from './sheet'

/** How a property came to be known. */
export type How = 'measured' | 'said' | 'foretold' | 'estimated' | 'unknown'

export const howWords: Record<How, string> = {
  measured: 'measured',
  said: 'written down',
  foretold: 'foretold',
  estimated: 'guessed',
  unknown: 'not known',
}

/** One line of the property sheet. */
export interface PropertyRow {
  id: string
  title: string
  how: How
  /** The value with its unit and doubt; empty where nothing is known. */
  value: string
  /** What it means, how far repeats spread, or what it rests on. */
  note: string
  /** The same in other states of washing. */
  otherwise: string[]
  /** The test that would measure it. */
  test: string | null
}

type Both = 'length' | 'width'
const WAY: Record<Both, string> = { width: 'across', length: 'lengthwise' }

/**
 * All that is known of one piece, a line a property: measured before written down, written down before foretold or
 * guessed from the name.
 * @param units for display
 */
export function propertiesOf(
  piece: Piece,
  measurements: readonly KeptMeasurement[],
  sheet: PropertySheet,
  units: UnitSystem,
  vocabulary: Vocabulary,
): PropertyRow[] {
  const named = clothCalled(piece.called)
  const { measured, earlier } = sheet
  const other = (say: (one: PropertySheet['earlier'][number]) => string | null) =>
    earlier.flatMap((one) => {
      const said = say(one)
      return said === null ? [] : [`${WASH_STATE_WORDS[one.state]}: ${said}`]
    })
  const row = (
    id: string,
    title: string,
    test: string | null,
    candidates: readonly ((Pick<PropertyRow, 'how' | 'value'> & { note?: string }) | null | undefined)[],
    otherwise: string[] = [],
  ): PropertyRow => {
    const found = candidates.find((one) => one !== null && one !== undefined)
    return {
      id,
      title,
      test,
      otherwise,
      how: found?.how ?? 'unknown',
      value: found?.value ?? '',
      note: found?.note ?? '',
    }
  }
  const gsm = ({ gsm: value, standardUncertainty: sd }: NonNullable<PropertySheet['weight']>): Quantity => ({
    value,
    sd,
  })
  const stretchRow = (way: Both) =>
    row(
      `stretch-${way}`,
      `Stretch ${WAY[way]}`,
      'stretch',
      [
        measured.stretch[way] && {
          how: 'measured',
          value: percent(measured.stretch[way].quantity),
          note: [
            stretchClassOf(measured.stretch[way].mean).name,
            measured.recovery[way] ? recoveryWords(measured.recovery[way].mean) : '',
            spreadWords(measured.stretch[way], '%'),
          ]
            .filter(Boolean)
            .join('. '),
        },
        way === 'width' && piece.stretchWidthPercent !== null
          ? { how: 'said', value: `${piece.stretchWidthPercent} %` }
          : null,
        way === 'width' && named
          ? { how: 'estimated', value: `${named.stretchWidth[0]} to ${named.stretchWidth[1]} %` }
          : null,
      ],
      other(({ measured: then }) => (then.stretch[way] ? percent(then.stretch[way].quantity) : null)),
    )
  const foretold = opacityForetold(piece, measurements, sheet)
  const rigidity = rigidityOf(measured, sheet.weightNow?.gsm ?? null)
  return [
    row('fibre', 'Made of', 'burn', [
      sheet.fibres
        ? {
            how: sheet.fibres.how === 'tested' ? 'measured' : 'said',
            value: fibreListWords(sheet.fibres.ids, vocabulary),
            note: sheet.fibres.how === 'tested' ? (sheet.belief?.verdict.text ?? '') : 'by its label',
          }
        : null,
      named
        ? { how: 'estimated', value: `usually ${named.fibres.map((id) => fibreName(id, vocabulary)).join(' or ')}` }
        : null,
    ]),
    row(
      'weight',
      'Weight',
      'weigh',
      [
        sheet.weight && {
          how: 'measured',
          value: formatWeight(gsm(sheet.weight), units),
          note: formatWeight(gsm(sheet.weight), units === 'metric' ? 'imperial' : 'metric'),
        },
        sheet.weightNow && {
          how: 'estimated',
          value: formatWeight(sheet.weightNow.gsm, units),
          note: `from when it was ${WASH_STATE_WORDS[sheet.weightNow.from]}`,
        },
        construction(measurements, units),
        named && { how: 'estimated', value: formatWeightRange(named.gsm, units) },
      ],
      other(({ weight }) => (weight ? formatWeight(gsm(weight), units) : null)),
    ),
    stretchRow('width'),
    stretchRow('length'),
    row(
      'body',
      'How it falls',
      'drape',
      [
        measured.body && {
          how: 'measured',
          value: measured.body.value,
          note: [
            measured.drape ? `drape coefficient ${percent(measured.drape.quantity)}` : '',
            rigidity ? `rigidity ${withDoubt(rigidity)} mg·cm` : '',
            `${measured.body.votes} ${measured.body.votes === 1 ? 'test' : 'tests'}`,
          ]
            .filter(Boolean)
            .join('; '),
        },
        piece.body && { how: 'said', value: piece.body },
        named && { how: 'estimated', value: named.body },
      ],
      other(({ measured: then }) => then.body?.value ?? null),
    ),
    row(
      'opacity',
      'Shows through',
      'opacity',
      [
        opacityOverall(measured.opacity) && {
          how: 'measured',
          value: OPACITY_WORDS[opacityOverall(measured.opacity)!],
          note: opacityNote(measured.opacity, foretold?.likeliest),
        },
        piece.opacity && { how: 'said', value: OPACITY_WORDS[piece.opacity] },
        foretold && {
          how: 'foretold',
          value: `likely ${OPACITY_WORDS[foretold.likeliest]}`,
          note:
            `${hundredths(foretold.transmission)} % of the light comes through ` +
            `(${foretold.interval95.map(hundredths).join(' to ')} %), by weight, weave, yarn and colour`,
        },
      ],
      other(({ measured: then }) => {
        const grade = opacityOverall(then.opacity)
        return grade ? OPACITY_WORDS[grade] : null
      }),
    ),
    row('crease', 'Creases', 'crease', [
      measured.crease && {
        how: 'measured',
        value: `grade ${withDoubt(measured.crease.quantity)} of 5`,
        note: creaseWords(measured.crease.mean),
      },
    ]),
    row('water', 'Takes up a drop', 'water-drop', [
      measured.water && {
        how: 'measured',
        value: `in ${withDoubt(measured.water.quantity)} s`,
        note: [
          absorbencyWords(measured.water.mean),
          measured.waterStood > 0 ? `${measured.waterStood} stood a minute` : '',
        ]
          .filter(Boolean)
          .join('. '),
      },
      measured.waterStood > 0 ? { how: 'measured', value: 'stands a minute', note: absorbencyWords(null) } : null,
    ]),
    row('crocking', 'Rubs off', 'crocking', [crocking(measured)]),
    row('shrinkage', 'Shrinks', 'shrinkage', [shrinkage(shrinkageOf(measurements))]),
    row('grain', 'Grain', 'grain', [grain(measurements)]),
    row('seen', 'Looks like', 'inspect', [seen(measurements, vocabulary)]),
    row('lie', 'Which way it lies', 'lie', [lie(measurements)]),
    row('threads', 'Threads', 'loupe', [threads(measured, measurements, units)]),
    row('needle', 'Needle to begin with', null, [
      needle(sheet.weightNow?.gsm.value, piece.construction ?? named?.construction),
    ]),
    row('iron', 'Iron', null, [iron(sheet, vocabulary)]),
    row('width', 'Width, edge to edge', null, [
      piece.widthMm === null ? null : { how: 'said', value: formatWidth(piece.widthMm, units) },
    ]),
    row('length', 'Length left', null, [
      piece.lengthMm === null ? null : { how: 'said', value: formatLength(piece.lengthMm, units) },
    ]),
  ]
}

export const OPACITY_WORDS = { sheer: 'yes, much', 'semi-sheer': 'a little', opaque: 'no' } as const

const hundredths = (share: number) => Math.round(share * 100)

function percent(quantity: Quantity): string {
  return `${withDoubt(quantity)} %`
}

function spreadWords({ count, spread }: { count: number; spread: number | null }, unit: string): string {
  return spread === null ? '' : `${count} readings, spread ${Number(spread.toFixed(1))} ${unit}`
}

function opacityNote(opacity: Measured['opacity'], foretold: keyof typeof OPACITY_WORDS | undefined): string {
  const parts = (['light', 'dark'] as const).flatMap((part) =>
    opacity[part] ? [`${part} parts: ${OPACITY_WORDS[opacity[part]]}`] : [],
  )
  const overall = opacityOverall(opacity)
  const checked =
    foretold === undefined || overall === undefined
      ? []
      : [foretold === overall ? 'as was foretold' : `foretold was: ${OPACITY_WORDS[foretold]}`]
  return [...parts, ...checked].join('; ')
}

function crocking({ crocking: { dry, wet } }: Measured) {
  const worst = [dry, wet].filter((one) => one !== undefined).sort((a, b) => a.mean - b.mean)[0]
  if (!worst) return null
  const said = [dry ? `dry ${withDoubt(dry.quantity)}` : '', wet ? `wet ${withDoubt(wet.quantity)}` : '']
    .filter(Boolean)
    .join(', ')
  return { how: 'measured' as const, value: `${said} of 5`, note: crockingWords(worst.mean) }
}

function shrinkage(curves: Record<Both, ShrinkageCurve> | null) {
  if (!curves) return null
  const end = (way: Both) => `${withDoubt(curves[way].limit)} % ${WAY[way]}`
  const washes = curves.length.each.length
  return {
    how: 'measured' as const,
    value: `to ${end('length')}, ${end('width')}`,
    note:
      `after ${washes} ${washes === 1 ? 'wash' : 'washes'}: ${percent(curves.length.each.at(-1)!)} ` +
      `lengthwise${curves.length.goesOn || curves.width.goesOn ? '; it goes on' : ''}`,
  }
}

function grain(measurements: readonly KeptMeasurement[]) {
  const last = ofKind(measurements, 'grain').at(-1)?.data
  if (!last) return null
  const skew = skewPercent(last)
  return {
    how: 'measured' as const,
    value: `${Math.abs(skew).toFixed(1)} % off square`,
    note: [
      Math.abs(bowPercent(last)) >= 1 ? `bowed by ${Math.abs(bowPercent(last)).toFixed(1)} %` : '',
      last.printedOffGrain ? 'printed off grain' : '',
    ]
      .filter(Boolean)
      .join('; '),
  }
}

function threads({ threads: counted }: Measured, measurements: readonly KeptMeasurement[], units: UnitSystem) {
  if (!counted) return null
  const [scale, unit] = units === 'metric' ? [1, 'per cm'] : [MM_PER_INCH / 10, 'per inch']
  const shown = ({ quantity: { value, sd } }: { quantity: Quantity }) =>
    withDoubt({ value: value * scale, sd: sd * scale })
  const yarns = ofKind(measurements, 'yarns').at(-1)?.data
  const cover =
    yarns && clothCover(coverFactor(counted.ends.mean, yarns.warpTex), coverFactor(counted.picks.mean, yarns.weftTex))
  return {
    how: 'measured' as const,
    value: `${shown(counted.ends)} ends, ${shown(counted.picks)} picks ${unit}`,
    note: cover === undefined ? '' : `cloth cover ${cover.toFixed(1)} of 28`,
  }
}

/** Weight worked out from counted threads and weighed yarns; null where either is missing. */
export function weightFromThreads(measurements: readonly KeptMeasurement[]): Quantity | null {
  const count = ofKind(measurements, 'count').at(-1)?.data
  const yarns = ofKind(measurements, 'yarns').at(-1)?.data
  if (!count || !yarns) return null
  const doubtful = (value: number, share: number) => ({ value, sd: value * share })
  return massFromConstruction([
    {
      threadsPerCm: doubtful(count.endsPerCm, 0.02),
      tex: doubtful(yarns.warpTex, 0.05),
      crimpPercent: { value: yarns.warpCrimp, sd: 1.5 },
    },
    {
      threadsPerCm: doubtful(count.picksPerCm, 0.02),
      tex: doubtful(yarns.weftTex, 0.05),
      crimpPercent: { value: yarns.weftCrimp, sd: 1.5 },
    },
  ])
}

function construction(measurements: readonly KeptMeasurement[], units: UnitSystem) {
  const gsm = weightFromThreads(measurements)
  return (
    gsm && { how: 'foretold' as const, value: formatWeight(gsm, units), note: 'from its threads and their weight' }
  )
}

function lie(measurements: readonly KeptMeasurement[]): Pick<PropertyRow, 'how' | 'value'> | null {
  const last = ofKind(measurements, 'lie').at(-1)
  return last ? { how: 'measured', value: lieWords(last.data) } : null
}

/** What was seen at the last inspection, and the name that it speaks for. */
function seen(
  measurements: readonly KeptMeasurement[],
  vocabulary: Vocabulary,
): Pick<PropertyRow, 'how' | 'value' | 'note'> | null {
  const answers = ofKind(measurements, 'inspection').at(-1)?.data.answers
  if (!answers) return null
  const inspection = Object.fromEntries(
    Object.entries(answers).filter((one): one is [string, string[]] => one[1] !== undefined),
  )
  const [first, second] = nameCloth({ inspection }, vocabulary).names
  const labels = Object.entries(inspection).map(([id, states]) => {
    const { title, states: known } = inspectionById(id as InspectionId)
    const said = states.map((state) => known.find((one) => one.id === state)!.label.toLowerCase())
    return `${title.toLowerCase()}: ${said.join(' and ')}`
  })
  return {
    how: 'measured',
    value:
      `${first!.name.toLowerCase()} ` +
      `(${formatPercent(first!.probability)})${second ? `, or ${second.name.toLowerCase()}` : ''}`,
    note: capitalised(labels.join('; ')),
  }
}

function needle(
  gsm: number | undefined,
  construction: Construction | undefined,
): Pick<PropertyRow, 'how' | 'value' | 'note'> | null {
  if (gsm === undefined) return null
  const { nm, us, point } = needleFor(gsm, construction ?? 'woven')
  return {
    how: 'estimated',
    value: `${nm[0]}/${us[0]} to ${nm[1]}/${us[1]}`,
    note: `${capitalised(point)}. By its weight: try on a scrap.`,
  }
}

function iron({ fibres }: PropertySheet, vocabulary: Vocabulary): Pick<PropertyRow, 'how' | 'value' | 'note'> | null {
  const setting = ironFor(fibres?.ids ?? [])
  if (!setting) return null
  const { dots, celsius, tenderest } = setting
  return {
    how: 'estimated',
    value: celsius === null ? 'do not iron' : `${'•'.repeat(dots)} up to ${celsius} °C`,
    note: `${capitalised(fibreName(tenderest, vocabulary))} decides. Try on a scrap, under a cloth; a hot iron burns.`,
  }
}
