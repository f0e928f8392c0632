import { type WashState } from '../../vocabulary/cloth'

/** A reading as it is kept: with the state of the cloth when it was taken. */
export interface KeptReading<M> {
  id: string
  state: WashState
  data: M
  at: string
  /** The piece of one cloth with this one that it was read on; left out where it was read on this one. */
  on?: { id: string; name: string }
}

/** Those of one form. It knows nothing of the kinds, so that a page that only sorts readings loads none of them. */
export function ofKind<M extends { kind: string }, K extends M['kind']>(
  readings: readonly KeptReading<M>[],
  kind: K,
): (KeptReading<M> & { data: Extract<M, { kind: K }> })[] {
  return readings.filter((one): one is KeptReading<M> & { data: Extract<M, { kind: K }> } => one.data.kind === kind)
}
