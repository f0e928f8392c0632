import { type ReactNode } from 'react'
import { type Body, type Interlacing } from '@/core/vocabulary/cloth'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { svgAddress } from '@/ui/cloth/drawn'
import { HeldUp } from '@/ui/cloth/HeldUp'
import { sketches } from '@/ui/cloth/sketches'
import { type TileSpec } from '@/ui/cloth/tileUrl'
import styled from 'styled-components'

/** A picture that stands above its words, however many lines those take. */
const Above = styled.span`
  display: block;
  margin-bottom: auto;
`

const INK = { warp: '#35566f', weft: '#efe9dc', accent: '#9c3524' }

function tile(weave: Interlacing, rest: Partial<TileSpec> = {}): TileSpec {
  return {
    weave,
    ...INK,
    accent: undefined,
    colouring: 'plain',
    sheen: weave === 'satin' || weave === 'sateen' ? 0.7 : 0.25,
    ...rest,
  }
}

/** Answers that are drawn as cloth, by the code that computes the cloth. */
const TILES: Readonly<Record<string, Readonly<Record<string, TileSpec>>>> = {
  construction: { woven: tile('plain'), knit: tile('jersey'), felted: tile('felt'), net: tile('mesh') },
  interlacing: Object.fromEntries(
    (
      [
        'plain',
        'basket',
        'rib',
        'twill',
        'broken-twill',
        'herringbone',
        'satin',
        'crepe-weave',
        'dobby',
        'jacquard',
      ] as const
    ).map((weave) => [weave, tile(weave)]),
  ),
  'floats-on-face': { warp: tile('satin'), weft: tile('sateen'), balanced: tile('twill') },
  pile: {
    none: tile('plain'),
    cut: tile('pile', { weft: INK.warp }),
    'cut-in-ribs': tile('pile-ribs', { weft: INK.warp }),
  },
  'knit-structure': { jersey: tile('jersey'), rib: tile('rib-knit') },
  figure: {
    none: tile('plain', { weft: INK.warp }),
    stripe: tile('plain', { colouring: 'stripe', accent: INK.accent }),
    check: tile('plain', { colouring: 'check', warp: INK.weft, accent: INK.accent }),
    'large-pictorial': tile('plain', { colouring: 'print', weft: INK.warp, accent: INK.weft }),
  },
  colouring: {
    printed: tile('plain', { colouring: 'print', weft: INK.warp, accent: INK.weft }),
    'yarn-dyed': tile('plain', { colouring: 'check', warp: INK.weft, accent: INK.accent }),
    'piece-dyed': tile('plain', { weft: INK.warp }),
    undyed: tile('plain', { warp: '#e2d8c0', weft: '#ddd2b8' }),
  },
}

const Sketch = styled.img`
  width: 100%;
  height: 5.5rem;
  object-fit: cover;
  display: block;
`

const drawnSketches = new Map<string, string>()

/** The address of a sketch, drawn once. */
function sketchOf(feature: string, state: string): string | undefined {
  const draw = sketches[feature]?.[state]
  const key = `${feature} ${state}`
  if (draw && !drawnSketches.has(key)) drawnSketches.set(key, svgAddress(draw()))
  return drawnSketches.get(key)
}

/** How one answer looks: cloth drawn from its weave, a sketch of it, or how it hangs. */
export function inspectionPicture(feature: string, state: string): ReactNode {
  const drawn = TILES[feature]?.[state]
  const sketch = sketchOf(feature, state)
  const picture = drawn ? (
    <ClothSwatch tile={drawn} label="" height="5.5rem" scale={1.5} teeth={false} />
  ) : sketch ? (
    <Sketch src={sketch} alt="" />
  ) : feature === 'body' ? (
    <HeldUp tile={tile('plain', { weft: INK.warp })} body={state as Body} label="" />
  ) : null
  return picture && <Above aria-hidden>{picture}</Above>
}
