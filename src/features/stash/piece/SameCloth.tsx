import Link from 'next/link'
import { type KeptMeasurement } from '@/core/notebook/measurements'
import { Soft } from '@/ui/kit/surfaces'

/** Says which piece of the same cloth something was found out of. */
export function SameCloth({ on }: { on: NonNullable<KeptMeasurement['on']> }) {
  return (
    <Soft as="span">
      Same fabric: <Link href={`/stash/${on.id}`}>{on.name}</Link>
    </Soft>
  )
}
