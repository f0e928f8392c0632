import { type Draft } from '@/core/weave/draft'
import { type Drawdown } from '@/core/weave/drafts'
import { Drawing } from '@/ui/kit/Drawing'

const CELL = 14

/**
 * The loom set up to weave it: threading above, tie-up in the corner, treadling beside, the cloth below; the first
 * pick at the foot.
 */
export function LoomDraft({
  draft: { threading, tieUp, treadling },
  drawdown,
}: {
  draft: Draft
  drawdown: Drawdown
}) {
  const shafts = Math.max(1, ...threading)
  const [ends, treadles] = [threading.length, tieUp.length]
  const [left, top] = [(ends + 1) * CELL, (shafts + 1) * CELL]
  const [width, height] = [left + treadles * CELL, top + treadling.length * CELL]
  const topOf = (pick: number) => top + (treadling.length - 1 - pick) * CELL
  const cell = (x: number, y: number, on: boolean) => (
    <rect
      key={`${x} ${y}`}
      x={x}
      y={y}
      width={CELL}
      height={CELL}
      fill={on ? 'var(--indigo-deep)' : 'var(--paper)'}
      stroke="var(--ink-soft)"
    />
  )
  return (
    <Drawing
      viewBox={`-1 -1 ${width + 2} ${height + 2}`}
      role="img"
      aria-label={`A loom with ${shafts} shafts and ${treadles} treadles weaves it`}
      $wide={`${width * 1.4}px`}
    >
      {threading.flatMap((shaft, end) =>
        Array.from({ length: shafts }, (_, row) => cell(end * CELL, (shafts - 1 - row) * CELL, shaft === row + 1)),
      )}
      {tieUp.flatMap((lifted, treadle) =>
        Array.from({ length: shafts }, (_, row) =>
          cell(left + treadle * CELL, (shafts - 1 - row) * CELL, lifted.includes(row + 1)),
        ),
      )}
      {treadling.flatMap((pressed, pick) =>
        Array.from({ length: treadles }, (_, treadle) =>
          cell(left + treadle * CELL, topOf(pick), pressed.includes(treadle + 1)),
        ),
      )}
      {drawdown.flatMap((row, pick) => row.map((up, end) => cell(end * CELL, topOf(pick), up)))}
    </Drawing>
  )
}
