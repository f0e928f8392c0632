import { type RecordKindId } from '../../notebook/kinds'
import { EXCHANGE_FORMAT, EXCHANGE_VERSION } from './document'

/** A record as it is kept: its data are JSON already, and go out as they were written. */
export interface WrittenRecord {
  id: string
  kind: RecordKindId
  version: number
  revision: number
  createdAt: string
  updatedAt: string
  /** JSON. */
  data: string
}

/** What could not be read, and so is not in the document. */
export interface LeftOut {
  id: string
  kind: string
  problem: string
}

/** Of what is wrong with a record, characters. */
const MOST_SAID = 200

/**
 * A notebook as one JSON document, part by part, so that it never has to be in memory as a whole.
 * @param records in groups, in the order of `EXCHANGE_ORDER`
 * @param at ISO 8601
 */
export async function* writeDocument(
  records: AsyncIterable<readonly WrittenRecord[]>,
  leftOut: readonly LeftOut[],
  at: string,
): AsyncGenerator<string> {
  const head = { format: EXCHANGE_FORMAT, version: EXCHANGE_VERSION, exportedAt: at }
  yield `${JSON.stringify(head).slice(0, -1)},"records":[`
  let isFirst = true
  for await (const group of records) {
    if (group.length === 0) continue
    yield `${isFirst ? '\n' : ',\n'}${group.map(textOf).join(',\n')}`
    isFirst = false
  }
  yield '\n]'
  const told = leftOut.map(({ id, kind, problem }) => ({ id, kind, problem: problem.slice(0, MOST_SAID) }))
  if (told.length > 0) yield `,"leftOut":${JSON.stringify(told)}`
  yield '}\n'
}

function textOf({ data, ...outer }: WrittenRecord): string {
  return `${JSON.stringify(outer).slice(0, -1)},"data":${data}}`
}
