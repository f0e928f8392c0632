import { PieceSchema } from '@/core/notebook/kinds/piece'
import { shade } from './colour'
import { TileSchema } from './query'
import { tileOf } from './spec'
import { tileUrl, type TileSpec } from './tileUrl'
import { drafts } from '@/core/weave/drafts'
import { tileBackOf, clothTile } from './tile'

const base = { warp: '#3f7d70', weft: '#efe9dc', colouring: 'plain', sheen: 0.3 } as const

const spec = (weave: string) =>
  TileSchema.parse({ ...base, weave, warp: base.warp.slice(1), weft: base.weft.slice(1) })

it('draws every weave as one well-formed picture, small enough to send', () => {
  const pictures = [
    'plain',
    'twill',
    'satin',
    'herringbone',
    'jersey',
    'rib-knit',
    'felt',
    'mesh',
    'pile',
    'pile-ribs',
    'waffle',
  ].map((weave) => clothTile(spec(weave)))
  for (const picture of pictures) {
    expect(picture).toMatch(/^<svg xmlns=.*<\/svg>$/)
    expect(picture).not.toMatch(/NaN|undefined/)
    expect(picture.length).toBeLessThan(80_000)
  }
  expect(new Set(pictures).size).toBe(pictures.length)
})

it('shows as much of each yarn as the weave puts on the face', () => {
  const crossings = (weave: string, colour: string) => {
    const shades = Array.from({ length: 5 }, (_, i) => shade(colour, i * 0.018 - 0.036))
    return [...clothTile(spec(weave)).matchAll(/<path fill="(#\w+)" d="([^"]*)"/g)]
      .filter(([, fill]) => shades.includes(fill!))
      .reduce((sum, [, , d]) => sum + d!.split('M').length - 1, 0)
  }
  expect(crossings('plain', base.warp)).toBe(crossings('plain', base.weft))
  expect(crossings('satin', base.warp)).toBe(4 * crossings('satin', base.weft))
})

it('takes the weave from the name, else from how it is made', () => {
  const piece = PieceSchema.parse({ name: 'x', called: 'denim' })
  expect(tileOf(piece).weave).toBe('twill')
  expect(tileOf({ ...piece, called: '', construction: 'knit' }).weave).toBe('jersey')
  expect(tileOf({ ...piece, called: '' }).weave).toBe('plain')
})

it('has an address that says all of it, and comes back the same', () => {
  const tile = tileOf(
    PieceSchema.parse({
      name: 'x',
      called: 'ticking',
      look: { warp: '#ece7d8', weft: '#e4dcc8', accent: '#2f5f86', colouring: 'stripe' },
    }),
  )
  const query = Object.fromEntries(new URL(tileUrl(tile), 'http://localhost').searchParams)
  expect(TileSchema.parse(query)).toEqual({ ...tile, side: 'face' })
  const lit: TileSpec = { ...tile, side: 'light', open: 0.5 }
  expect(TileSchema.parse(Object.fromEntries(new URL(tileUrl(lit), 'http://localhost').searchParams))).toEqual(lit)
  expect(TileSchema.safeParse({ ...query, warp: '"><script>' }).success).toBe(false)
})

it('shades towards white and black', () => {
  expect(shade('#808080', 1)).toBe('#ffffff')
  expect(shade('#808080', -1)).toBe('#000000')
  expect(shade('#808080', 0)).toBe('#808080')
})

describe('the other ways of looking', () => {
  const denim: TileSpec = { weave: 'broken-twill', warp: '#223355', weft: '#eeeeee', colouring: 'plain', sheen: 0.3 }
  const share = (svg: string, colour: RegExp) => {
    const of = (match: RegExpMatchArray) => (match[2]!.match(/M/g) ?? []).length
    const all = [...svg.matchAll(/<path fill="(#[0-9a-f]{6})" d="([^"]+)"/g)]
    const total = all.reduce((sum, match) => sum + of(match), 0)
    return all.filter(([, fill]) => colour.test(fill!)).reduce((sum, match) => sum + of(match), 0) / total
  }
  it('shows on its back what lay below', () => {
    const dark = /^#[0-4]/
    expect(share(clothTile(denim), dark)).toBeCloseTo(0.75)
    expect(share(clothTile({ ...denim, side: 'back' }), dark)).toBeCloseTo(0.25)
  })
  it('turned over twice is as it was', () => {
    const draft = drafts.satin!
    expect(tileBackOf(tileBackOf(draft))).toEqual(draft)
  })
  it('lets more light through the opener it is, woven, knitted or felted', () => {
    const opacityOf = (open: number, weave: TileSpec['weave']) =>
      Number(/<g opacity="([\d.]+)"/.exec(clothTile({ ...denim, weave, side: 'light', open }))![1])
    for (const weave of ['plain', 'jersey', 'felt', 'pile'] as const)
      expect([weave, opacityOf(0, weave) > opacityOf(1, weave)]).toEqual([weave, true])
  })
  it('prints palely on the back', () => {
    const printed: TileSpec = { ...denim, weave: 'plain', colouring: 'print', accent: '#aa0000' }
    expect(clothTile(printed)).toContain('fill-opacity=".88"')
    expect(clothTile({ ...printed, side: 'back' })).toContain('fill-opacity=".28"')
  })
})
