import { drafts, drawdownFrom, steppedDrawdown, type Drawdown } from './drafts'

/**
 * Longest run of the warp on top within one end, in picks, the draft repeating; the whole repeat where it never dips.
 */
function longestWarpFloat(drawdown: Drawdown): number {
  const picks = drawdown.length
  const ends = drawdown[0]!.length
  let longest = 0
  for (let end = 0; end < ends; end++) {
    let run = 0
    for (let step = 0; step < picks * 2; step++) {
      run = drawdown[step % picks]![end]! ? run + 1 : 0
      longest = Math.max(longest, Math.min(run, picks))
    }
  }
  return longest
}

/** Share of the face on which the warp lies on top, 0 to 1. */
function warpFaceShare(drawdown: Drawdown): number {
  const cells = drawdown.flat()
  return cells.filter(Boolean).length / cells.length
}

describe('drafts', () => {
  it('interlace: no end and no pick lies on one side throughout', () => {
    for (const [name, draft] of Object.entries(drafts)) {
      const ends = draft[0]!.map((_, end) => draft.map((row) => row[end]))
      for (const line of [...draft, ...ends]) expect([name, new Set(line).size]).toEqual([name, 2])
    }
  })

  it('show as much warp on the face as their name says', () => {
    expect(warpFaceShare(drafts.plain!)).toBe(0.5)
    expect(warpFaceShare(drafts.twill!)).toBe(0.5)
    expect(warpFaceShare(drafts.satin!)).toBe(0.8)
    expect(warpFaceShare(drafts.sateen!)).toBeCloseTo(0.2, 12)
  })

  it('float as long as their name says', () => {
    expect(longestWarpFloat(drafts.plain!)).toBe(1)
    expect(longestWarpFloat(drafts.basket!)).toBe(2)
    expect(longestWarpFloat(drafts.twill!)).toBe(2)
    expect(longestWarpFloat(drafts.satin!)).toBe(4)
  })

  it('step a twill by one end a pick, and a satin so that no two crossings touch', () => {
    const twill = steppedDrawdown(4, 2, 1)
    expect(twill[1]).toEqual([twill[0]![3], ...twill[0]!.slice(0, 3)])
    const satin = drafts.satin!
    satin.forEach((row, pick) => {
      const down = row.indexOf(false)
      const next = satin[(pick + 1) % satin.length]!.indexOf(false)
      expect([2, 3]).toContain(Math.abs(next - down))
    })
  })

  it('refuse rows of different lengths', () => {
    expect(() => drawdownFrom(['x.', 'x'])).toThrow(/equally long/)
    expect(() => drawdownFrom([])).toThrow(/at least one/)
  })
})
