import Link from 'next/link'
import { Say } from '@/ui/text/Say'

interface Props {
  of: readonly { id: string; name: string }[]
  /** Where they lie; the id is put after it. */
  path: string
  /** What stands between two of them. */
  between: string
}

/** Records by their names, each a link to its page. */
export function LinksTo({ of, path, between }: Props) {
  return (
    <>
      {of.map(({ id, name }, index) => (
        <span key={id}>
          {index > 0 ? between : ''}
          <Link href={`${path}/${id}`} prefetch={false}>
            <Say>{name}</Say>
          </Link>
        </span>
      ))}
    </>
  )
}
