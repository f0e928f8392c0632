/**
 * The usual cautions before anything is lit; common practice. Local rules and licensed people go before all of this.
 */
export const beforeTheFlame: readonly { title: string; text: string }[] = [
  {
    title: 'Air and room',
    text:
      'A window open or an extractor running. Nothing flammable near, no curtains, no aerosols, no ' +
      'solvents. Hair and sleeves tied back.',
  },
  {
    title: 'A tray with water',
    text:
      'Glass, ceramic or metal, never plastic, with water or sand in it, and more water within reach. A ' +
      'fire blanket if you have one.',
  },
  {
    title: 'Tongs, not fingers',
    text: 'Long tweezers or tongs. Molten synthetic drips, flicks and sticks to skin, and goes on burning there.',
  },
  {
    title: 'A long lighter or a candle',
    text: 'Not matches: the sulphur spoils the smell, and they burn down to the fingers.',
  },
  {
    title: 'A small specimen',
    text: 'Two or three fingers wide at most, or a pinch of yarns. Cotton goes up in a rush.',
  },
  {
    title: 'Waft, never sniff',
    text: 'Stand back from the smoke and wave a little towards you. Do not breathe it in.',
  },
  {
    title: 'Your controls',
    text: 'Known pieces to compare with, lying ready before you light anything. Burn them the same way.',
  },
]

export const neverBurn: readonly string[] = [
  'Glass cloth, and old heat-resistant cloth of any kind: it may hold asbestos. Leave it whole, keep it damp ' +
    'and bagged, and ask your local authority.',
  'Anything that smells of solvent, oil or dry-cleaning fluid, or that has been flameproofed, rubberised or coated.',
  'Anything that you cannot spare, or that is not yours.',
]

export const limits: readonly string[] = [
  'A home burn tells what a cloth is made of. It is not a flammability test and says nothing of whether a ' +
    'cloth is safe to wear or furnish with: children’s nightwear, costumes on stage and upholstery need a laboratory.',
  'For anything sold, a label needs a laboratory’s figures (the ISO 1833 methods); a flame never gives a percentage.',
  'This is for adults, and children only with one beside them. Your local fire rules, and the advice of ' +
    'licensed people, come before anything written here.',
]
