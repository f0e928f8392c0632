import { recordKinds, type RecordKindId } from '../../core/notebook/kinds'
import { type RecordKind } from '../../core/notebook/kinds/define'
import { type RecordTable } from './tables'

/** What of a record's row hangs on its data. */
export type StoredForm = Pick<RecordTable, 'version' | 'data' | 'title' | 'searched'>

/** How data of an older writing are stored again: in the present form, or as they are where they cannot be read. */
export function formAsItWas(kind: RecordKindId, before: { data: string; version: number }): StoredForm {
  try {
    return storedFormOf(kind, inPresentForm(kind, before))
  } catch {
    return { ...before, title: '', searched: '' }
  }
}

/** How data is stored: checked, in the present form, with the words that it is found by. */
export function storedFormOf(kind: RecordKindId, data: unknown): StoredForm {
  const { schema, version, title, searched } = recordKinds[kind] as RecordKind
  const parsed = schema.parse(data)
  return {
    version,
    data: JSON.stringify(parsed),
    title: title(parsed),
    searched: searched(parsed).filter(Boolean).join(' ').toLowerCase(),
  }
}

/** Data of an older form, taken through the steps of their kind; not checked yet. */
export function inPresentForm(kind: RecordKindId, { version, data }: { version: number; data: string }): unknown {
  const { steps } = recordKinds[kind] as RecordKind
  return steps.slice(version - 1).reduce((told: unknown, step) => step(told), JSON.parse(data) as unknown)
}
