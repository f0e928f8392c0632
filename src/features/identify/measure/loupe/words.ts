import { type ThreadCount } from '@/core/loupe/count'

const HINTS: Record<string, string> = {
  plain: 'It looks like a plain weave',
  twill: 'It looks like a twill',
  satin: 'It looks like a satin',
}

/** What a count says of the cloth, in one sentence or two. */
export function countWords({ interlacingHint, twillAngleDeg, skewDeg }: ThreadCount): string {
  const weave = interlacingHint
    ? `${HINTS[interlacingHint] ?? 'It looks woven'}${
        twillAngleDeg === null ? '' : `, its line at ${twillAngleDeg.toFixed(0)}° ` + 'to the ' + 'level ' + 'threads'
      }: a hint, not a verdict.`
    : 'How the threads interlace does not show.'
  return (
    `${weave} The two sets are ` +
    `${skewDeg < 0.5 ? 'square to one another' : `${skewDeg.toFixed(1)}° out of square`}.`
  )
}
