'use client'

import { usePathname, useSearchParams } from 'next/navigation'
import { ButtonLink } from '@/ui/kit/links'

interface Props {
  /** What it does: “Show more patterns”. */
  says: string
  /** Lines that are shown, and how many there are. */
  shown: number
  of: number
  /** So many more at a time. */
  step: number
  /** What the address says it under. */
  name?: string
}

/** The way to more lines of a list that a page shows the first few of; they come from the server. */
export function MoreLines({ says, shown, of, step, name = 'show' }: Props) {
  const [path, params] = [usePathname(), new URLSearchParams(useSearchParams())]
  if (of <= shown) return null
  params.set(name, String(shown + step))
  return (
    <p className="screen-only">
      <ButtonLink href={`${path}?${params.toString()}`} scroll={false} prefetch={false}>
        {says} ({of - shown} more)
      </ButtonLink>
    </p>
  )
}
