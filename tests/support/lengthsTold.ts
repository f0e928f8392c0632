import { type EnvelopeRead } from '@/core/choose/envelope/readEnvelope'

/** Lengths as lines: role, view, sizes, width × length in mm; sizes in a row that have one length stand together. */
export function lengthsTold({ roles }: EnvelopeRead): string[] {
  const rows: { head: string; sizes: string[]; tail: string }[] = []
  for (const { role, lengths } of roles)
    for (const { view, size, widthMm, lengthMm, nap } of lengths) {
      const [head, tail] = [view ? `${role} ${view}` : role, `${widthMm}×${lengthMm}${nap ? ' nap' : ''}`]
      const last = rows.at(-1)
      if (last && size !== null && last.head === head && last.tail === tail) last.sizes.push(size)
      else rows.push({ head, sizes: size === null ? [] : [size], tail })
    }
  return rows.map(({ head, sizes, tail }) => [head, sizes.join('/'), tail].filter(Boolean).join(' '))
}
