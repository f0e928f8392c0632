import { type Offer } from './types'

/** Per cent by which one way gives more than the other before it matters which way it is cut; common practice. */
const STRETCHES_MORE = 5

/** Whether it stretches along its length and not across: it is cut crosswise where the stretch goes round the body. */
export function stretchesOnlyAlong({ stretchLength, stretchWidth }: Offer): boolean {
  return (stretchLength?.value.value ?? 0) > (stretchWidth?.value.value ?? 0) + STRETCHES_MORE
}
