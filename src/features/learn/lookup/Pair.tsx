import { Soft } from '@/ui/kit/surfaces'

/** A fact: its name, what it is, and where that is from. */
export function Pair({ title, value, note }: { title: string; value: string; note?: string }) {
  return (
    <>
      <dt>{title}</dt>
      <dd>
        {value}
        {note ? <Soft as="small"> ({note})</Soft> : null}
      </dd>
    </>
  )
}
