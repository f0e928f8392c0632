import { cloths } from './define'

/** Twills and satins. Weights, stretch, body, opacity and usual fibres: common practice, from memory. */
export const twillAndSatinCloths = cloths('woven', [
  ['denim-shirt', 'shirt denim', 'light denim,lightweight denim', 'twill', 150, 270, 0, 4, 'soft', 'opaque', 'cotton'],
  ['denim', 'denim', 'jeans denim,medium denim,jean', 'twill', 280, 400, 0, 4, 'crisp', 'opaque', 'cotton'],
  ['denim-heavy', 'heavy denim', 'selvedge denim,raw denim', 'twill', 400, 550, 0, 2, 'stiff', 'opaque', 'cotton'],
  ['denim-stretch', 'stretch denim', '', 'twill', 250, 380, 10, 35, 'moderate', 'opaque', 'cotton,elastane'],
  ['drill', 'drill', 'workwear twill,uniform cloth', 'twill', 200, 300, 0, 3, 'crisp', 'opaque', 'cotton,polyester'],
  ['chino', 'chino', 'chino twill,cotton twill', 'twill', 180, 280, 0, 4, 'moderate', 'opaque', 'cotton'],
  ['gabardine', 'gabardine', 'gaberdine', 'twill', 180, 320, 0, 5, 'moderate', 'opaque', 'wool,polyester,cotton'],
  ['herringbone', 'herringbone', '', 'herringbone', 200, 400, 0, 4, 'moderate', 'opaque', 'wool,cotton'],
  ['twill-viscose', 'viscose twill|rayon twill', 'twill-weave viscose,viscose', 'twill', 120, 190, 0, 5, 'fluid', 'opaque', 'viscose'],
  ['silk-twill', 'silk twill', 'foulard', 'twill', 50, 100, 0, 4, 'fluid', 'semi-sheer', 'silk,polyester'],
  ['charmeuse', 'charmeuse', 'silk satin', 'satin', 60, 120, 0, 5, 'fluid', 'opaque', 'silk,polyester'],
  ['satin', 'satin', 'dress satin', 'satin', 90, 180, 0, 4, 'soft', 'opaque', 'polyester,acetate,silk'],
  ['duchess-satin', 'duchess satin', 'duchesse satin', 'satin', 180, 300, 0, 2, 'crisp', 'opaque', 'silk,polyester'],
  ['sateen', 'cotton sateen', 'sateen', 'sateen', 120, 220, 0, 5, 'moderate', 'opaque', 'cotton'],
  ['curtain-sateen', 'curtain lining', 'lining sateen', 'sateen', 130, 180, 0, 2, 'moderate', 'opaque', 'cotton,polyester'],
  ['ticking', 'ticking', '', 'herringbone', 180, 300, 0, 2, 'crisp', 'opaque', 'cotton'],
  ['coating', 'coating', 'coat cloth,wool coating,overcoating', 'twill', 380, 650, 0, 5, 'moderate', 'opaque', 'wool'],
  ['furnishing', 'furnishing cloth|home decor fabric', 'upholstery fabric,curtain fabric,chintz,cretonne', 'twill', 220, 450, 0, 2, 'stiff', 'opaque', 'cotton,polyester,linen'],
])
