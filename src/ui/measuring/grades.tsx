import { type Opacity } from '@/core/vocabulary/cloth'
import { type DrawnYarn } from '../tabletop/drawnYarn'
import { line, Scrap, skin } from '../tabletop/parts'

const LETS_THROUGH: Record<Opacity, number> = { sheer: 0.22, 'semi-sheer': 0.68, opaque: 1 }

/** One layer over a lettered card or a hand: what is under it shows as far as the grade says. */
export function OpacityDrawing({
  grade,
  behind,
  yarn,
}: {
  grade: Opacity
  behind: 'card' | 'hand'
  yarn: DrawnYarn
}) {
  return (
    <svg viewBox="0 0 120 110" aria-hidden="true">
      {behind === 'card' ? (
        <g>
          <rect x="20" y="14" width="80" height="86" fill="#fff" stroke="var(--ink)" />
          <path d="M32 28h56M32 42h40M32 56h56M32 70h48M32 84h34" stroke="#000" strokeWidth="6" />
        </g>
      ) : (
        <path
          d={
            'M44 104V70q-16-10-20-24 3-7 10 0l10 12V20q6-8 10 0v30-38q6-8 11 0v38-34q6-7 10 1v36-24q6-6 9 ' +
            '2v38q-2 22-12 35z'
          }
          fill={skin}
          stroke="var(--ink)"
          strokeWidth="2"
        />
      )}
      <path
        d="M6 40h108v64H6z"
        fill={yarn.fill}
        fillOpacity={LETS_THROUGH[grade]}
        stroke={yarn.edge}
        strokeWidth="1.5"
      />
    </svg>
  )
}

/** Cloth out of the fist: grade 1 a ball of paper, 5 none. */
export function CreaseDrawing({ grade, yarn }: { grade: number; yarn: DrawnYarn }) {
  const sharp = 5 - grade
  const creases = Array.from({ length: sharp * 3 }, (_, i) => {
    const [x, y] = [20 + ((i * 37) % 76), 26 + ((i * 23) % 52)]
    return `M${x} ${y}l${6 + ((i * 7) % 9)} ${((i * 11) % 17) - 8}l${4 + ((i * 5) % 8)} ${((i * 13) % 15) - 7}`
  }).join('')
  const edge = Array.from({ length: 9 }, (_, i) => `L${12 + i * 12} ${94 + (i % 2 ? 1 : -1) * sharp * 1.6}`).join('')
  return (
    <svg viewBox="0 0 120 110" aria-hidden="true">
      <path
        d={`M12 ${20 + sharp}L108 ${18 - sharp * 0.6}L108 92${edge
          .split('L')
          .filter(Boolean)
          .reverse()
          .map((point) => `L${point}`)
          .join('')}z`}
        fill={yarn.fill}
        stroke={yarn.edge}
        strokeWidth="1.8"
        strokeLinejoin="round"
      />
      <path d={creases} {...line} strokeWidth={0.8 + sharp * 0.35} opacity=".7" />
      <path
        d={creases}
        transform="translate(1.6 1.6)"
        fill="none"
        stroke="#fff"
        strokeWidth="1"
        opacity={sharp > 0 ? 0.5 : 0}
      />
    </svg>
  )
}

/** White cotton after ten rubs: grade 1 much colour, 5 none. */
export function CrockingDrawing({ grade, rubbed, yarn }: { grade: number; rubbed: 'dry' | 'wet'; yarn: DrawnYarn }) {
  return (
    <svg viewBox="0 0 120 110" aria-hidden="true">
      <rect x="16" y="14" width="88" height="84" fill="#fbfaf5" stroke="var(--ink)" strokeWidth="1.6" />
      <ellipse cx="60" cy="56" rx="30" ry="26" fill={yarn.fill} opacity={(5 - grade) * 0.22} />
      <ellipse cx="60" cy="56" rx="30" ry="26" {...line} strokeWidth="1" strokeDasharray="3 3" opacity=".6" />
      {rubbed === 'wet' ? <path d="M88 22q8 10 0 15-8-5 0-15z" fill="var(--indigo)" /> : null}
    </svg>
  )
}

/** A drop on stretched cloth, from a bead to a stain, as its time goes. @param sunk 0 … 1 */
export function DropDrawing({ sunk, yarn }: { sunk: number; yarn: DrawnYarn }) {
  const [wide, high] = [14 + 22 * sunk, 22 * (1 - sunk)]
  return (
    <svg viewBox="0 0 120 110" aria-hidden="true">
      <Scrap yarn={yarn}>
        <ellipse cx="60" cy="74" rx={wide} ry={wide * 0.34} fill="var(--indigo)" opacity={0.15 + 0.3 * sunk} />
        {high > 1 ? (
          <path
            d={
              `M${60 - wide * 0.8} 74Q60 ${74 - high * 2.2} ${60 + wide * 0.8} 74Q60 ${74 + high * 0.3} ` +
              `${60 - wide * 0.8} 74z`
            }
            fill="color-mix(in srgb, var(--indigo) 35%, var(--paper))"
            stroke="var(--indigo)"
            strokeWidth="1.6"
          />
        ) : null}
      </Scrap>
    </svg>
  )
}
