import { type ReactNode } from 'react'
import { type DrawnYarn } from '../tabletop/drawnYarn'
import { Arrow, Glass, line, Pinch, Scrap, skin } from '../tabletop/parts'

const ruler = (x: number, y: number, length: number) => (
  <g>
    <path d={`M${x} ${y}h${length}v12h${-length}z`} fill="var(--weld)" stroke="var(--ink)" strokeWidth="1.4" />
    <path
      d={Array.from(
        { length: Math.floor(length / 6) },
        (_, i) => `M${x + 3 + i * 6} ${y}v${i % 5 === 0 ? 8 : 4}`,
      ).join('')}
      stroke="var(--ink)"
      strokeWidth="1"
    />
  </g>
)
const pan = (
  <g>
    <path d="M18 78h84l6 24H12z" fill="var(--paper-deep)" stroke="var(--ink)" strokeWidth="1.8" />
    <path d="M44 86h32v10H44z" fill="var(--paper)" stroke="var(--ink)" strokeWidth="1.2" />
    <path d="M48 92h5m3 0h5m3 0h5" {...line} strokeWidth="1.6" />
    <path d="M14 74h92" {...line} strokeWidth="4" />
  </g>
)

/** How each test is done, in a box 120 by 110. */
const SCENES: Readonly<Record<string, (yarn: DrawnYarn) => ReactNode>> = {
  weigh: (yarn) => (
    <g>
      {pan}
      <path d="M28 72q2-22 32-24 30 2 32 24z" fill={yarn.fill} stroke={yarn.edge} strokeWidth="1.8" />
      <path d="M36 66q24-10 48 0M32 70q28-8 56 0" {...line} strokeWidth="1" />
    </g>
  ),
  stretch: (yarn) => (
    <g>
      <path d="M26 34q34 8 68 0v30q-34-8-68 0z" fill={yarn.fill} stroke={yarn.edge} strokeWidth="1.8" />
      <path d="M40 36v26M80 36v26" {...line} stroke="var(--madder)" />
      <Pinch x={30} y={49} side="left" />
      <Pinch x={90} y={49} side="right" />
      {ruler(14, 84, 92)}
    </g>
  ),
  drape: (yarn) => (
    <g>
      <path d="M0 50h54v56H0z" fill="var(--board)" stroke="var(--ink)" strokeWidth="1.4" />
      <path d="M54 50L112 101H54z" fill="var(--paper-deep)" stroke="var(--ink)" strokeWidth="1.4" />
      <path d="M6 46h52q24 2 34 36" fill="none" stroke={yarn.edge} strokeWidth="8" />
      <path d="M6 46h52q24 2 34 36" fill="none" stroke={yarn.fill} strokeWidth="5" />
      {ruler(2, 30, 56)}
      <text x="62" y="98" fontSize="11" fill="var(--ink)">
        41½°
      </text>
    </g>
  ),
  opacity: (yarn) => (
    <g>
      <path
        d={
          'M44 104V70q-16-10-20-24 3-7 10 0l10 12V20q6-8 10 0v30-38q6-8 11 0v38-34q6-7 10 1v36-24q6-6 9 ' +
          '2v38q-2 22-12 35z'
        }
        fill={skin}
        stroke="var(--ink)"
        strokeWidth="2"
      />
      <path d="M6 46h108v58H6z" fill={yarn.fill} fillOpacity=".6" stroke={yarn.edge} strokeWidth="1.5" />
    </g>
  ),
  crease: (yarn) => (
    <g>
      <path
        d="M38 60q-12-26 6-38 12-6 16 4 12-10 22 2 10 12 2 34-4 10-22 10t-24-12z"
        fill={yarn.fill}
        stroke={yarn.edge}
        strokeWidth="1.6"
      />
      <path
        d="M34 66q-2-16 10-16 6-8 14-2 8-8 16 0 14-2 14 14 2 28-26 34-26-4-28-30z"
        fill={skin}
        stroke="var(--ink)"
        strokeWidth="1.8"
      />
    </g>
  ),
  'water-drop': (yarn) => (
    <g>
      <Glass fill="var(--paper)" />
      <path d="M22 20q38 14 76 0l4 12q-42 12-84 0z" fill={yarn.fill} stroke={yarn.edge} strokeWidth="1.6" />
      <path d="M60 0q8 10 0 15-8-5 0-15z" fill="var(--indigo)" />
    </g>
  ),
  crocking: (yarn) => (
    <g>
      <Scrap yarn={yarn} />
      <path d="M52 66q-6-30 8-56l16 4q0 32-6 52-8 8-18 0z" fill={skin} stroke="var(--ink)" strokeWidth="1.8" />
      <path d="M51 60q-4-16 4-28l20 2q2 18-3 30-10 10-21-4z" fill="#fbfaf5" stroke="var(--ink)" strokeWidth="1.6" />
      <Arrow d="M84 62h22" tip="M99 56l7 6-7 6" />
    </g>
  ),
  shrinkage: (yarn) => (
    <g>
      <path d="M10 12h100v88H10z" fill={yarn.fill} stroke={yarn.edge} strokeWidth="1.6" />
      <path d="M32 28h56v54H32z" {...line} strokeDasharray="4 3" />
      <path d="M38 34h46v44H38z" {...line} stroke="var(--madder)" />
      <Arrow d="M20 55h14" tip="M29 50l6 5-6 5" />
      <Arrow d="M100 55H88" tip="M93 50l-6 5 6 5" />
    </g>
  ),
  lie: (yarn) => (
    <g>
      <path d="M22 30L84 20L102 84L36 98z" fill={yarn.fill} stroke={yarn.edge} strokeWidth="1.6" />
      <path d="M84 20l18 64-16 4L68 24z" fill="var(--paper)" fillOpacity=".55" stroke={yarn.edge} strokeWidth="1.2" />
      <path
        d="M34 88V44m0 0l-5 8m5-8l5 8M34 88h44m0 0l-8-5m8 5l-8 5"
        {...line}
        stroke="var(--madder)"
        strokeWidth="2.6"
      />
      <text x="41" y="52" fontSize="15" fontWeight="700" fill="var(--madder)">
        A
      </text>
      <text x="66" y="82" fontSize="15" fontWeight="700" fill="var(--madder)">
        B
      </text>
    </g>
  ),
  grain: (yarn) => (
    <g>
      <path d="M20 24v76l84-14V10z" fill={yarn.fill} stroke={yarn.edge} strokeWidth="1.6" />
      <path d="M20 84l84-14M20 70l84-14M20 56l84-14" stroke={yarn.edge} strokeWidth="1.4" />
      <path d="M20 22v78h90" {...line} stroke="var(--madder)" strokeWidth="3" />
      <path d="M20 88h12v12" {...line} stroke="var(--madder)" />
    </g>
  ),
  loupe: (yarn) => (
    <g>
      <Scrap yarn={yarn} />
      <path d="M36 12h48v30H36z" fill="var(--paper-deep)" stroke="var(--ink)" strokeWidth="1.8" />
      <circle cx="60" cy="27" r="10" fill="var(--indigo)" stroke="var(--ink)" strokeWidth="1.8" />
      <path d="M50 42L34 64m36-22l16 20" {...line} strokeWidth="1" strokeDasharray="3 3" />
      {ruler(34, 90, 58)}
    </g>
  ),
  yarns: (yarn) => (
    <g>
      {pan}
      <path
        d="M22 70q20-26 38-10t40-4M26 64q24-18 40-4t34-8M24 60q20-14 36-6t36-10"
        fill="none"
        stroke={yarn.edge}
        strokeWidth="3"
      />
      <path d="M22 70q20-26 38-10t40-4" fill="none" stroke={yarn.fill} strokeWidth="1.6" />
      {ruler(22, 18, 76)}
    </g>
  ),
  weave: (yarn) => (
    <g>
      <path d="M24 10v92M48 10v92M72 10v92M96 10v92" stroke={yarn.fill} strokeWidth="15" />
      <path d="M10 28h26m24 0h36M10 56h12m24 0h36m24 0h4M10 84h50m24 0h26" stroke={yarn.edge} strokeWidth="15" />
    </g>
  ),
  inspect: (yarn) => (
    <g>
      <Scrap yarn={yarn} />
      <circle cx="52" cy="42" r="26" fill="var(--paper)" fillOpacity=".75" stroke="var(--ink)" strokeWidth="3" />
      <path d="M38 32l28 22M36 42l22 18M46 26l24 18" stroke={yarn.edge} strokeWidth="4" />
      <path d="M71 61l26 30" stroke="var(--board)" strokeWidth="8" strokeLinecap="round" />
    </g>
  ),
}

const PLAIN: DrawnYarn = { fill: '#4a6b83', edge: '#2c4456' }

/** How one test is done. */
export function HowToDrawing({ test, yarn = PLAIN }: { test: string; yarn?: DrawnYarn }) {
  return (
    <svg viewBox="0 0 120 110" aria-hidden="true">
      {SCENES[test]?.(yarn)}
    </svg>
  )
}
