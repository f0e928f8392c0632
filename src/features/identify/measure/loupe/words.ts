import { type ThreadCount } from '@/core/loupe/count'

const HINTS: Record<string, string> = {
  plain: 'It looks like plain weave',
  twill: 'It looks like a twill',
  satin: 'It looks like a satin',
}

/** What a count says of the cloth, in one sentence or two. */
export function countWords({ interlacingHint, twillAngleDeg, skewDeg }: ThreadCount): string {
  const line = twillAngleDeg === null ? '' : `, its line at ${twillAngleDeg.toFixed(0)}° to the horizontal threads`
  const weave = interlacingHint
    ? `${HINTS[interlacingHint] ?? 'It looks woven'}${line}: this is only a hint.`
    : 'We can’t see how the threads interlace.'
  return (
    `${weave} The two sets are ` +
    `${skewDeg < 0.5 ? 'square to each other' : `${skewDeg.toFixed(1)}° out of square`}.`
  )
}
