import { type ReactNode } from 'react'
import { type Detail } from '@/core/vocabulary/choosing'
import { type GarmentPaths } from './outline'

const MID = 150

/** How a detail is drawn on a figure; those that no line can show are left out. */
export const detailDrawings: Partial<Record<Detail, (paths: GarmentPaths) => ReactNode>> = {
  belt: ({ hem }) => (
    <path d={`M${MID - Math.min(hem, 46)} 180h${Math.min(hem, 46) * 2}v12h-${Math.min(hem, 46) * 2}z`} />
  ),
  waistband: ({ top }) => <path d={`M${MID - 36} ${top}h72v10h-72z`} />,
  'elastic-waist': ({ top }) => <path d={strokes(MID - 34, MID + 34, Math.max(top, 110), 12, 9)} />,
  collar: ({ top }) => (
    <>
      {[-1, 1].map((side) => (
        <path key={side} d={`M${MID} ${top + 14}L${MID + side * 22} ${top - 9}L${MID + side * 32} ${top + 14}z`} />
      ))}
    </>
  ),
  lapel: ({ top }) => (
    <>
      {[-1, 1].map((side) => (
        <path key={side} d={`M${MID} ${top + 78}L${MID + side * 20} ${top - 4}L${MID + side * 36} ${top + 30}z`} />
      ))}
    </>
  ),
  cowl: ({ top }) => <path d={`M${MID - 22} ${top}q22 44 44 0M${MID - 26} ${top + 8}q26 60 52 0`} />,
  'patch-pockets': ({ foot, top }) => {
    const y = Math.min((top + foot) / 2 + 20, foot - 46)
    return <path d={`M${MID - 40} ${y}h26v30h-26zM${MID + 14} ${y}h26v30h-26z`} />
  },
  'welt-pockets': ({ foot, top }) => {
    const y = Math.min((top + foot) / 2 + 20, foot - 30)
    return <path d={`M${MID - 42} ${y}h28v6h-28zM${MID + 14} ${y}h28v6h-28z`} />
  },
  buttonholes: ({ top, foot }) => (
    <>
      {Array.from({ length: 6 }, (_, i) => (
        <circle key={i} cx={MID + 5} cy={top + 28 + (i * (foot - top - 50)) / 5.5} r="3" />
      ))}
    </>
  ),
  zip: ({ top, foot }) => (
    <path
      d={`M${MID} ${Math.max(top + 10, 60)}V${Math.min(foot - 20, top + 110)}`}
      strokeDasharray="2 3"
      strokeWidth="4"
    />
  ),
  gathers: ({ waist, waistAt }) => <path d={strokes(MID - waist, MID + waist, waistAt + 2, 18, 13)} />,
  tiers: (paths) => (
    <>{[1, 2].map((i) => ruffle(paths, paths.waistAt + (i * (paths.foot - paths.waistAt)) / 3, i))}</>
  ),
  ruffles: (paths) => ruffle(paths, paths.foot - 26, 9),
  flounces: (paths) => ruffle(paths, paths.foot - 40, 9),
  pleats: ({ waistAt, foot, hem }) => (
    <>
      {[-2, -1, 0, 1, 2].map((i) => (
        <path key={i} d={`M${MID + i * 13} ${waistAt}L${MID + (i * hem) / 2.6} ${foot}`} />
      ))}
    </>
  ),
  darts: () => <path d={`M${MID - 22} 140l-3 42l-4 -40M${MID + 22} 140l3 42l4 -40`} />,
  'princess-seams': ({ top, foot, hem }) => (
    <>
      {[-1, 1].map((side) => (
        <path
          key={side}
          d={
            `M${MID + side * 30} ${top + 10}Q${MID + side * 14} 150 ${MID + side * 18} 185` +
            `T${MID + (side * hem) / 2} ${foot}`
          }
          fill="none"
        />
      ))}
    </>
  ),
  yoke: ({ top }) => <path d={`M${MID - 46} ${top + 34}Q${MID} ${top + 46} ${MID + 46} ${top + 34}`} />,
  peplum: () => <path d={`M${MID - 42} 185q42 12 84 0l14 40q-56 18 -112 0z`} />,
  hood: ({ top }) => (
    <path d={`M${MID - 28} ${top + 6}C${MID - 42} ${top - 48} ${MID + 42} ${top - 48} ${MID + 28} ${top + 6}`} />
  ),
  drawstring: ({ top }) => <path d={`M${MID - 4} ${top + 18}q-8 30 -3 44M${MID + 4} ${top + 18}q8 30 3 44`} />,
  topstitching: ({ hem, foot }) => (
    <path d={`M${MID - hem + 4} ${foot - 9}H${MID + hem - 4}`} strokeDasharray="4 3" />
  ),
  'quilted-layers': ({ top, foot }) => (
    <>
      {Array.from({ length: Math.floor((foot - top - 30) / 26) }, (_, i) => (
        <path key={i} d={`M${MID - 48} ${top + 40 + i * 26}H${MID + 48}`} strokeDasharray="3 3" />
      ))}
    </>
  ),
  boning: ({ top, foot }) => (
    <>
      {[-28, -14, 0, 14, 28].map((x) => (
        <path key={x} d={`M${MID + x} ${top + 20}L${MID + x * 0.8} ${foot - 6}`} strokeWidth="3" />
      ))}
    </>
  ),
  vent: ({ foot }) => <path d={`M${MID + 8} ${foot - 44}V${foot}`} strokeWidth="3" />,
  'turn-ups': ({ hem, foot }) => (
    <path d={`M${MID - hem} ${foot - 12}H${MID - 10}M${MID + 10} ${foot - 12}H${MID + hem}`} />
  ),
  smocking: ({ top }) => <path d={strokes(MID - 34, MID + 34, top + 26, 26, 15)} />,
  shirring: ({ top }) => <path d={strokes(MID - 36, MID + 36, top + 36, 40, 15)} />,
  'curtain-heading': ({ top, hem }) => <path d={strokes(MID - hem, MID + hem, top + 4, 16, 21)} />,
  eyelets: ({ top, hem }) => (
    <>
      {[-0.8, -0.4, 0, 0.4, 0.8].map((t) => (
        <circle key={t} cx={MID + t * hem} cy={top + 12} r="5" />
      ))}
    </>
  ),
}

/** Short upright strokes in a row: cloth drawn up. */
function strokes(from: number, to: number, y: number, height: number, count: number): string {
  return Array.from({ length: count }, (_, i) => {
    const x = from + ((i + 0.5) * (to - from)) / count
    return `M${x} ${y}q${i % 2 === 0 ? 2 : -2} ${height / 2} 0 ${height}`
  }).join('')
}

/** A line across that is gathered into small waves, from side to side. */
function ruffle({ hem, waist, waistAt, foot }: GarmentPaths, y: number, key: number): ReactNode {
  const half = waist + (hem - waist) * Math.min(1, Math.max(0, (y - waistAt) / (foot - waistAt)) ** 0.8)
  const waves = Array.from({ length: 12 }, () => `q${half / 12} 7 ${half / 6} 0`).join('')
  return <path key={key} d={`M${MID - half} ${y}${waves}`} />
}
