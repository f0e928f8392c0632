import { type RecordData, type RecordKindId } from '../../core/notebook/kinds'

/** What every record has beside its data. */
export interface RecordHead {
  id: string
  /** Raised by one at each change. */
  revision: number
  createdAt: string
  updatedAt: string
}

/** A record as it is read. */
export type Kept<K extends RecordKindId> = RecordHead & { data: RecordData<K> }

/** A record that cannot be read: told in its place, with what it holds. */
export interface DamagedRecord extends RecordHead {
  kind: string
  raw: string
  problem: string
}

export function isDamaged(record: RecordHead): record is DamagedRecord {
  return 'problem' in record
}
