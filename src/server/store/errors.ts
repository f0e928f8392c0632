import { wordsOfKind, type RecordKindId } from '../../core/notebook/kinds'
import { type DamagedRecord, type Kept } from './kept'

/** Something that was to be changed, removed or referred to is not there any more. */
export class GoneError extends Error {
  constructor(
    readonly kind: string,
    readonly id: string,
  ) {
    super(`This is no longer in the notebook (${wordsOfKind(kind).one}): it was deleted elsewhere.`)
    this.name = 'GoneError'
  }
}

/** A record was changed since the caller saw it. Nothing was written. */
export class ConflictError<K extends RecordKindId = RecordKindId> extends Error {
  constructor(
    readonly kind: K,
    /** What stands there now. */
    readonly current: Kept<K> | DamagedRecord,
  ) {
    super('This was changed elsewhere after you opened it. Nothing was overwritten.')
    this.name = 'ConflictError'
  }
}

/** What was asked for cannot be done, in words for the person. Nothing was written. */
export class RefusedError extends RangeError {
  constructor(
    message: string,
    /** Of the field that it is about; empty where it is about the whole. */
    readonly path = '',
  ) {
    super(message)
    this.name = 'RefusedError'
  }
}
