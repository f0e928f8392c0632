import { type ReactNode } from 'react'
import { type Body } from '@/core/cloths/types'
import { type Interlacing } from '@/core/weave/drafts'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { HeldUp } from '@/ui/cloth/HeldUp'
import { type TileSpec } from '@/ui/cloth/tileUrl'

const INK = { warp: '#35566f', weft: '#efe9dc', accent: '#9c3524' }

function tile(weave: Interlacing, rest: Partial<TileSpec> = {}): TileSpec {
  return { weave, ...INK, accent: undefined, colouring: 'plain', sheen: weave === 'satin' || weave === 'sateen' ? 0.7 : 0.25, ...rest }
}

/** Answers that are drawn as cloth, by the code that computes the cloth; the rest are better said. */
const TILES: Readonly<Record<string, Readonly<Record<string, TileSpec>>>> = {
  construction: { woven: tile('plain'), knit: tile('jersey'), felted: tile('felt'), net: tile('mesh') },
  interlacing: Object.fromEntries(
    (['plain', 'basket', 'rib', 'twill', 'broken-twill', 'herringbone', 'satin', 'crepe-weave', 'dobby', 'jacquard'] as const).map((weave) => [weave, tile(weave)]),
  ),
  'floats-on-face': { warp: tile('satin'), weft: tile('sateen'), balanced: tile('twill') },
  pile: { none: tile('plain'), cut: tile('pile', { weft: INK.warp }), 'cut-in-ribs': tile('pile-ribs', { weft: INK.warp }) },
  'knit-structure': { jersey: tile('jersey'), rib: tile('rib-knit') },
  figure: { none: tile('plain', { weft: INK.warp }), stripe: tile('plain', { colouring: 'stripe', accent: INK.accent }), check: tile('plain', { colouring: 'check', warp: INK.weft, accent: INK.accent }), 'large-pictorial': tile('plain', { colouring: 'print', weft: INK.warp, accent: INK.weft }) },
  colouring: { printed: tile('plain', { colouring: 'print', weft: INK.warp, accent: INK.weft }), 'yarn-dyed': tile('plain', { colouring: 'check', warp: INK.weft, accent: INK.accent }), 'piece-dyed': tile('plain', { weft: INK.warp }), undyed: tile('plain', { warp: '#e2d8c0', weft: '#ddd2b8' }) },
}

/** How one answer looks. */
export function inspectionPicture(feature: string, state: string): ReactNode {
  const drawn = TILES[feature]?.[state]
  if (drawn) return <span aria-hidden style={{ display: 'block', marginBottom: 'auto' }}><ClothSwatch tile={drawn} label="" height="5.5rem" scale={1.5} teeth={false} /></span>
  if (feature === 'body') return <span aria-hidden style={{ display: 'block', marginBottom: 'auto' }}><HeldUp tile={tile('plain', { weft: INK.warp })} body={state as Body} pins={[]} label="" /></span>
  return null
}
