/** Where something stands in a line. */
export interface Span {
  at: number
  end: number
}

/**
 * What patterns find in a text, in its order; of two that overlap, what the earlier pattern finds.
 * @param patterns each global, with what its find says
 */
export function findSpans<T extends object>(
  text: string,
  patterns: readonly (readonly [RegExp, (group: string) => T])[],
): (T & Span)[] {
  const all: (T & Span)[] = []
  for (const [pattern, read] of patterns)
    for (const { 0: whole, 1: group, index } of text.matchAll(pattern)) {
      const span = { at: index, end: index + whole.length }
      if (!all.some((one) => one.at < span.end && span.at < one.end)) all.push({ ...read(group ?? whole), ...span })
    }
  return all.toSorted((a, b) => a.at - b.at)
}

/** The same text with blanks at those places. */
export function blankOut(text: string, spans: readonly Span[]): string {
  return spans.reduce((all, { at, end }) => all.slice(0, at) + ' '.repeat(end - at) + all.slice(end), text)
}
