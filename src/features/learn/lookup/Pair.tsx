import { Soft } from '@/ui/kit/surfaces'
import { type Phrase } from '@/core/text/text'
import { Say } from '@/ui/text/Say'

/** A fact: its name, what it is, and where that is from. */
export function Pair({ title, value, note }: { title: string; value: Phrase; note?: string }) {
  return (
    <>
      <dt>
        <Say>{title}</Say>
      </dt>
      <dd>
        <Say>{value}</Say>
        {note ? <Soft as="small"> ({note})</Soft> : null}
      </dd>
    </>
  )
}
