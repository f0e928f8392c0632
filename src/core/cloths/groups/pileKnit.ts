import { cloths } from './define'

/** Pile, knits, felts and nets. Weights, stretch, body, opacity and usual fibres: common practice, from memory. */
export const pileCloths = cloths('woven', [
  ['corduroy', 'corduroy', 'cord,needlecord,babycord,pincord', 'pile-ribs', 200, 400, 0, 4, 'moderate', 'opaque', 'cotton'],
  ['velveteen', 'velveteen', 'cotton velvet', 'pile', 220, 350, 0, 3, 'moderate', 'opaque', 'cotton'],
  ['velvet', 'velvet', 'silk velvet,viscose velvet,dress velvet', 'pile', 150, 350, 0, 5, 'soft', 'opaque', 'viscose,silk,polyester'],
  ['moleskin', 'moleskin', '', 'sateen', 280, 450, 0, 2, 'moderate', 'opaque', 'cotton'],
  ['terry', 'terry', 'towelling,toweling,terry cloth', 'pile', 280, 500, 0, 6, 'moderate', 'opaque', 'cotton'],
])

export const knitCloths = cloths('knit', [
  ['jersey', 'jersey', 'single jersey,t-shirt fabric,t-shirt jersey,stockinette', 'jersey', 120, 220, 20, 60, 'soft', 'opaque', 'cotton,viscose,elastane'],
  ['rib-knit', 'rib knit', 'ribbing,cuffing', 'rib-knit', 180, 320, 50, 120, 'soft', 'opaque', 'cotton,elastane'],
  ['interlock', 'interlock', '', 'jersey', 180, 280, 20, 60, 'soft', 'opaque', 'cotton,viscose'],
  ['ponte', 'ponte', 'ponte roma,ponte di roma,double knit', 'jersey', 250, 380, 15, 45, 'moderate', 'opaque', 'viscose,polyester,nylon'],
  ['loopback', 'loopback sweatshirting|french terry', 'sweatshirt fabric,loopback', 'jersey', 220, 340, 15, 45, 'moderate', 'opaque', 'cotton,polyester'],
  ['fleece', 'fleece', 'polar fleece', 'jersey', 180, 320, 10, 35, 'moderate', 'opaque', 'polyester'],
  ['swim-knit', 'swimwear knit', 'swim tricot,activewear knit,tricot', 'jersey', 160, 260, 60, 120, 'soft', 'opaque', 'nylon,polyester,elastane'],
  ['scuba', 'scuba', 'spacer,foamy double knit,neoprene-look knit', 'jersey', 220, 350, 30, 90, 'moderate', 'opaque', 'polyester,elastane'],
  ['sweater-knit', 'jumper knit|sweater knit', 'knitwear,cardigan knit', 'jersey', 200, 420, 20, 80, 'soft', 'opaque', 'wool,acrylic,cotton'],
])

export const felts = cloths('felted', [
  ['felt', 'felt', 'wool felt', 'felt', 200, 600, 0, 10, 'stiff', 'opaque', 'wool,acrylic'],
  ['boiled-wool', 'boiled wool', '', 'felt', 280, 450, 5, 30, 'moderate', 'opaque', 'wool'],
  ['melton', 'melton', '', 'felt', 400, 700, 0, 3, 'stiff', 'opaque', 'wool'],
])

export const nets = cloths('net', [
  ['tulle', 'tulle', 'bobbinet', 'mesh', 10, 40, 5, 40, 'crisp', 'sheer', 'nylon,silk,polyester'],
  ['net', 'net', 'netting,net curtain', 'mesh', 20, 80, 5, 30, 'stiff', 'sheer', 'nylon,polyester,cotton'],
  ['lace', 'lace', 'lace fabric', 'mesh', 60, 200, 0, 30, 'soft', 'sheer', 'cotton,nylon,polyester'],
])
