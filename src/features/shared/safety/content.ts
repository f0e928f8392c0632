/**
 * The usual cautions before anything is lit; common practice. Local rules and licensed people go before all of this.
 */
export const beforeTheFlame: readonly { title: string; text: string }[] = [
  {
    title: 'Air and room',
    text:
      'A window open or an extractor running. Nothing flammable near, no curtains, no aerosols, no solvents. ' +
      'Children ' +
      'and pets out of the room. The smoke alarm stays on.',
  },
  {
    title: 'You',
    text:
      'Cotton or wool, no fleece or nylon, no scarf, closed shoes, hair and sleeves tied back, eyes covered. No hand ' +
      'sanitiser, hairspray or wet nail varnish on you: they catch fire. Never alone with a flame, and never leave it.',
  },
  {
    title: 'A tray with water',
    text:
      'Glass, ceramic or metal, never plastic, with water or sand in it, and more water within reach. A fire blanket ' +
      'if you have one. Soak what is left, and feel that it is cold, before it goes in the bin.',
  },
  {
    title: 'Tongs, not fingers',
    text: 'Long tweezers or tongs. Molten synthetic drips, flicks and sticks to skin, and goes on burning there.',
  },
  {
    title: 'A long lighter or a spirit lamp',
    text:
      'Standing or clamped, so that both hands are free. Better than a candle, whose wax smells as ' +
      'polypropylene does and whose soot blackens what is left. ' +
      'Not matches: ' +
      'the sulphur spoils the smell, and they burn down to the fingers.',
  },
  {
    title: 'A small specimen',
    text: 'One finger wide at most, or a tuft of yarns. Cotton goes up in a rush.',
  },
  {
    title: 'Waft, never sniff',
    text:
      'Stand back from the smoke and wave a little towards you. With asthma or in pregnancy leave the smell out: the ' +
      'other answers do. A few burns in a row, then air the room.',
  },
  {
    title: 'Your controls',
    text: 'Known pieces to compare with, lying ready before you light anything. Burn them the same way.',
  },
]

export const neverBurn: readonly string[] = [
  'Glass-fibre (fibreglass) cloth, and old heat-resistant cloth of any kind: oven gloves, ironing pads, ' +
    'stage curtains, ' +
    'fire blankets. It may hold asbestos. Do not cut, shake or wash it: damp it, bag it, and ask your local authority.',
  'Anything that smells of solvent, oil or dry-cleaning fluid, or that has been flameproofed, rubberised or coated.',
  'Vinyl, faux leather and anything of PVC: its smoke carries acid.',
  'Anything that you cannot spare, or that is not yours.',
]

/** What is in the smoke; common practice, from memory of fire-safety leaflets. */
export const inTheSmoke: readonly string[] = [
  'Hydrogen cyanide from wool, silk, nylon, acrylic and polyurethane (elastane, foam, coatings).',
  'Hydrogen chloride from modacrylic and PVC.',
  'Carbon monoxide from everything that burns, which nobody can smell.',
]

/** What to do when something has gone wrong; the usual first aid. */
export const firstAid: readonly { title: string; text: string }[] = [
  {
    title: 'A burn',
    text:
      'Cool it at once under running water for 20 minutes. Do not peel off polymer or cloth that sticks. Cover it ' +
      'loosely with something clean. Get help for anything larger than a coin, on the face, a hand or a ' +
      'joint, or on a child.',
  },
  {
    title: 'Clothes alight',
    text: 'Stop, drop, roll: to the floor, cover the face, roll. Smother it with a blanket or a heavy coat, then cool.',
  },
  {
    title: 'Bleach in an eye or on the skin',
    text: 'Rinse with running water for 15 to 20 minutes, lids held open, and get help for an eye at once.',
  },
  {
    title: 'Smoke breathed in',
    text: 'Out into fresh air. Coughing, dizziness or a headache that stays: get help, and say what was burnt.',
  },
  {
    title: 'Fire on the bench',
    text: 'Tip it into the water or cover it. If it is not out at once: out, doors shut, call the fire service.',
  },
]

/** Acetone and bleach, beside what each test says of itself. */
export const withChemicals: readonly string[] = [
  'Acetone: no flame, spark or hot iron in the room. Thin nitrile gloves give way in it within minutes: ' +
    'change them, or ' +
    'use butyl rubber. Dry the swabs outdoors before they go in the bin.',
  'Bleach: alone in its dish. Never with vinegar, ammonia, alcohol, acetone or any cleaner: the gas is poisonous.',
  'Eyes covered for both. The makers’ sheets and your local rules come first.',
]

export const limits: readonly string[] = [
  'A home burn tells what a cloth is made of. It is not a flammability test and says nothing of whether a ' +
    'cloth is safe to wear or furnish with: children’s nightwear, costumes on stage and upholstery need a laboratory.',
  'For anything sold, a label needs a laboratory’s figures (the ISO 1833 methods); a flame never gives a percentage.',
  'This is for adults, and children only with one beside them. Your local fire rules, and the advice of ' +
    'licensed people, come before anything written here.',
]
