import { fibreListWords, fibreName } from '../identify/words'
import { ironFor } from '../fibres/irons'
import { offerFrom } from '../fabric/offer'
import { materialById } from '../materials/materials'
import { needleAdvice } from '../sew/needle'
import { SewCase } from '../sew/sewCase'
import { capitalise, formatOwned, formatWidth, type UnitSystem } from '../units/format'
import { WASH_STATE_WORDS } from '../vocabulary/cloth'
import { wordFor, type Vocabulary } from '../vocabulary/words'
import { opacityForetold } from './foretell'
import { type Piece } from './kinds/piece'
import {
  measurementKinds,
  readingsOfKind,
  type KeptMeasurement,
  type MeasuredPropertyId,
  type MeasurementKindId,
} from './measurements'
import { type PropertyCandidate, type PropertyFacts, type How, type MeasurementKind } from './measurements/define'
import { type FibresHow, type PropertySheet } from './sheet'
import { coverFromThreads, weightFromThreads } from './threads'
import { type Phrase, phrase } from '../text/text'

/** Ids of the lines of the property sheet. */
export type PropertyId = 'fibre' | MeasuredPropertyId | 'needle' | 'iron' | 'width' | 'length'

/** One line of the property sheet. */
export interface PropertyRow {
  id: PropertyId
  title: string
  /** The trade's word, where it is another than the title. */
  term: string
  how: How
  /** The value with its unit and doubt; empty where nothing is known. */
  value: string
  /** What it means, how far repeats spread, or what it rests on. */
  note: Phrase
  /** The same in other states of washing. */
  otherwise: string[]
  /** What would measure it: the burn bench, or the address of a measurement; null where nothing does. */
  test: 'burn' | MeasurementKindId | null
}

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
  const facts: PropertyFacts = {
    piece,
    named: sheet.named,
    weightNow: sheet.weightNow,
    weightFromThreads: weightFromThreads(measurements),
    opacityForetold: opacityForetold(piece, measurements, sheet),
    units,
    vocabulary,
  }
  const measured = Object.keys(measurementKinds).flatMap((id) =>
    measuredRows(id as MeasurementKindId, measurements, sheet, facts),
  )
  return [
    fibreRow(sheet, facts),
    ...measured.map((row) => (row.id === 'threads' ? withCover(row, measurements) : row)),
    row('needle', 'Needle to start with', 'NM and point', null, [needle(facts, sheet)]),
    row('iron', 'Iron', 'care label', null, [iron(sheet, vocabulary)]),
    row('width', 'Width', 'edge to edge', null, [said(piece.widthMm, (mm) => formatWidth(mm, units))]),
    row('length', 'Length left', '', null, [said(piece.lengthMm, (mm) => formatOwned(mm, units))]),
  ]
}

type Candidates = readonly (PropertyCandidate | null | undefined | false)[]

function row(
  id: PropertyId,
  title: string,
  term: string,
  test: PropertyRow['test'],
  candidates: Candidates,
  otherwise: string[] = [],
): PropertyRow {
  const found = candidates.find((one) => !!one)
  const { how, value, note = '' } = found || { how: 'unknown' as const, value: '' }
  return { id, title, term, test, otherwise, how, value, note }
}

/** The lines that one kind of measurement gives. */
function measuredRows(
  id: MeasurementKindId,
  measurements: readonly KeptMeasurement[],
  { measured, earlier }: PropertySheet,
  facts: PropertyFacts,
): PropertyRow[] {
  const kind: MeasurementKind = measurementKinds[id]
  const all = readingsOfKind(measurements, id)
  return Object.entries(kind.properties).map(([property, { title, term = '', now, then }]) => {
    const otherwise = earlier.flatMap((one) => {
      const was = then?.(one.measured[id], facts) ?? null
      return was === null ? [] : [`${WASH_STATE_WORDS[one.state]}: ${was}`]
    })
    return row(property as MeasuredPropertyId, title, term, id, now(measured[id], facts, all), otherwise)
  })
}

/** What a test only leans to is a guess still. */
const FIBRES_HOW: Readonly<Record<FibresHow, How>> = { tested: 'measured', leaning: 'estimated', said: 'said' }

function fibreRow({ fibres, belief }: PropertySheet, { named, vocabulary }: PropertyFacts): PropertyRow {
  // A label that a test bears out is as good as tested.
  const isBorneOut = fibres?.how === 'said' && belief?.claim?.verdict === 'supported'
  const how = isBorneOut ? 'measured' : FIBRES_HOW[fibres?.how ?? 'leaning']
  return row('fibre', 'Fibre content', 'what it is made of', 'burn', [
    fibres && {
      how,
      value: `${fibres.how === 'leaning' ? 'most likely ' : ''}${fibreListWords(fibres.ids, vocabulary)}`,
      note: fibreNote(fibres.how, isBorneOut, belief?.verdict.text ?? ''),
    },
    named?.material && { how: 'estimated', value: wordFor(materialById(named.material).name, vocabulary) },
    named &&
      named.fibres.length > 0 && {
        how: 'estimated',
        value: `usually ${named.fibres.map((id) => fibreName(id, vocabulary)).join(' or ')}`,
      },
  ])
}

function fibreNote(how: FibresHow, isBorneOut: boolean, verdict: Phrase): Phrase {
  if (how !== 'said') return verdict
  return isBorneOut ? 'from the label, and the test agrees' : 'from the label'
}

function withCover(line: PropertyRow, measurements: readonly KeptMeasurement[]): PropertyRow {
  const cover = coverFromThreads(measurements)
  return cover === null || line.how === 'unknown' ? line : { ...line, note: `cloth cover ${cover.toFixed(1)} of 28` }
}

function said(mm: number | null, words: (mm: number) => string): PropertyCandidate | null {
  return mm === null ? null : { how: 'said', value: words(mm) }
}

function needle({ weightNow, piece, named }: PropertyFacts, { fibres }: PropertySheet): PropertyCandidate | null {
  if (!weightNow) return null
  const described = {
    ...(named && { called: named.name.uk }),
    gsm: weightNow.gsm.value,
    ...(fibres && { fibres: fibres.ids }),
    ...(piece.construction && { construction: piece.construction }),
  }
  const { nm, us, gives, text } = needleAdvice(new SewCase({ offer: offerFrom(described, named) }))
  return {
    how: 'estimated',
    value: `${nm[0]}/${us[0]} to ${nm[1]}/${us[1]}`,
    note: phrase`${capitalise(gives)} point. ${text} Test on a scrap.`,
  }
}

function iron({ fibres }: PropertySheet, vocabulary: Vocabulary): PropertyCandidate | null {
  const setting = ironFor(fibres?.ids ?? [])
  if (!setting) return null
  const { dots, celsius, tenderest } = setting
  return {
    how: 'estimated',
    value: celsius === null ? 'do not iron' : `${'•'.repeat(dots)} up to ${celsius} °C`,
    note:
      `${capitalise(fibreName(tenderest, vocabulary))} decides. Test on a scrap, under a press ` +
      'cloth; a hot iron burns.',
  }
}
