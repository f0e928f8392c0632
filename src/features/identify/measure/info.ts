import { measurementKinds, type MeasurementKindId } from '@/core/notebook/measurements'
import { type Phrase } from '@/core/text/text'

/** What a page says of a kind of measurement; told by the server, so that a page loads no kind but its own. */
export interface MeasurementInfo {
  id: MeasurementKindId
  title: string
  term: string
  finds: string
  how: readonly [Phrase, Phrase]
  caution?: string
  acrossStates?: boolean
  elsewhere?: boolean
  /** Forms that its readings take. */
  forms: readonly string[]
}

/** Every kind of measurement, in the order of the bench. */
export const measurementInfos: readonly MeasurementInfo[] = Object.entries(measurementKinds).map(([id, kind]) => {
  const { title, term, finds, how, forms, ...rest } = kind
  const { caution, acrossStates, elsewhere } = rest as Partial<MeasurementInfo>
  return {
    id: id as MeasurementKindId,
    title,
    term,
    finds,
    how,
    forms: Object.keys(forms),
    ...(caution ? { caution } : {}),
    ...(acrossStates ? { acrossStates } : {}),
    ...(elsewhere ? { elsewhere } : {}),
  }
})

/** Those that have a bench. */
export const benchInfos = measurementInfos.filter(({ elsewhere }) => !elsewhere)

export function findBenchInfo(id: string): MeasurementInfo | undefined {
  return benchInfos.find((info) => info.id === id)
}
