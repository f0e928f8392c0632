import { type Tilt } from './types'

/**
 * What kind of thing the cloth comes from, and what that makes likelier or less likely than in cloth at large.
 * From memory of what is sold; common practice. A factor multiplies how often a fibre turns up; fibres not named keep theirs.
 */
export const kinds: readonly Tilt[] = [
  tilt('lining', 'Lining', { acetate: 5, cupro: 8, viscose: 2.5, polyester: 1.6, silk: 1.2, nylon: 1.2, wool: 0.15, hair: 0.1, linen: 0.2, acrylic: 0.1, cotton: 0.5, jute: 0.05 }),
  tilt('suiting', 'Suit, tailored jacket or trousers', { wool: 5, hair: 1.8, polyester: 1.4, linen: 1.2, viscose: 1.2, acrylic: 0.3, silk: 0.7, cotton: 0.7, acetate: 0.3, jute: 0.1, polypropylene: 0.1 }),
  tilt('shirt', 'Shirt or blouse', { cotton: 2, linen: 1.5, silk: 1.5, viscose: 1.5, polyester: 1.2, lyocell: 1.5, wool: 0.2, hair: 0.1, acrylic: 0.1, jute: 0.02, polypropylene: 0.05 }),
  tilt('dress', 'Dress or skirt', { viscose: 2, silk: 1.4, polyester: 1.3, acetate: 1.5, lyocell: 1.4, jute: 0.05, polypropylene: 0.05, modacrylic: 0.3 }),
  tilt('jeans', 'Jeans or work trousers', { cotton: 4, elastane: 1.6, hemp: 1.5, lyocell: 1.3, wool: 0.1, hair: 0.05, silk: 0.05, acrylic: 0.1, acetate: 0.05 }),
  tilt('jumper', 'Jumper, cardigan or scarf, knitted', { wool: 4, hair: 5, acrylic: 5, cotton: 0.7, nylon: 1.2, linen: 0.3, acetate: 0.1, polyester: 0.7, jute: 0.02 }),
  tilt('sock-yarn', 'Socks, tights or their yarn', { wool: 2.5, nylon: 4, cotton: 1.2, elastane: 2, acrylic: 1.2, linen: 0.2, acetate: 0.05, silk: 0.4 }),
  tilt('swimwear', 'Swimwear or close sportswear', { nylon: 2.5, elastane: 8, polyester: 0.6, polypropylene: 1.2, cotton: 0.04, wool: 0.05, hair: 0.02, linen: 0.02, silk: 0.05, acetate: 0.2, viscose: 0.04, modal: 0.2, lyocell: 0.1, hemp: 0.02, ramie: 0.05, jute: 0.01, cupro: 0.05, acrylic: 0.1 }),
  tilt('underwear', 'Underwear or nightwear', { cotton: 1.8, silk: 1.6, nylon: 2.2, modal: 4, elastane: 2, viscose: 1.3, wool: 0.5, acetate: 1.3, jute: 0.01, acrylic: 0.2 }),
  tilt('evening', 'Evening dress or costume', { silk: 2.2, acetate: 3.5, triacetate: 2.5, polyester: 1.6, nylon: 1.4, metallic: 4, wool: 0.4, cotton: 0.4, linen: 0.2, jute: 0.05 }),
  tilt('sheets', 'Sheets, tablecloth or towels', { cotton: 3, linen: 3, polyester: 1, viscose: 0.4, wool: 0.03, hair: 0.02, silk: 0.2, acrylic: 0.03, nylon: 0.1, acetate: 0.03, lyocell: 1.5 }),
  tilt('blanket', 'Blanket', { wool: 3.5, acrylic: 5, polyester: 1.5, cotton: 0.9, hair: 1.5, modacrylic: 2, linen: 0.1, silk: 0.1, acetate: 0.05 }),
  tilt('curtain', 'Curtain', { cotton: 1.2, polyester: 1.4, linen: 1.3, viscose: 1.1, acrylic: 1.2, modacrylic: 4, glass: 6, silk: 0.7, wool: 0.3, jute: 1.5 }),
  tilt('upholstery', 'Upholstery or cushion', { cotton: 1.1, polyester: 1.3, acrylic: 1.8, polypropylene: 6, linen: 1.2, wool: 0.9, viscose: 1.3, nylon: 1.3, jute: 3, modacrylic: 2, acetate: 0.5 }),
  tilt('outdoor', 'Outdoor cloth, bag or tent', { nylon: 4, polyester: 1.8, polypropylene: 4, acrylic: 1.6, cotton: 0.9, hemp: 1.5, jute: 2, silk: 0.05, wool: 0.2, acetate: 0.05, viscose: 0.1 }),
  tilt('sack', 'Sack, string or backing', { jute: 30, hemp: 8, polypropylene: 6, linen: 1.2, cotton: 0.8, wool: 0.02, silk: 0.01, viscose: 0.1, polyester: 0.3, acrylic: 0.05 }),
]

function tilt(id: string, label: string, factors: Tilt['factors']): Tilt {
  return { id, label, factors }
}
