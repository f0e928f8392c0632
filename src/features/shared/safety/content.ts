/**
 * The usual cautions before anything is lit; common practice. Local rules and licensed people go before all of this.
 */
export const beforeTheFlame: readonly { title: string; text: string }[] = [
  {
    title: 'Air and room',
    text:
      'A window open or an extractor running. Nothing flammable near, no curtains, no aerosols, no ' +
      'solvents. Children and pets out of the room. Leave the smoke alarm on.',
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
      'Glass, ceramic or metal, never plastic, with water or sand in it, and more water within ' +
      'reach. A fire blanket if you have one. Soak what is left, and make sure that it is cold, ' +
      'before it goes in the bin.',
  },
  {
    title: 'Tongs, not fingers',
    text: 'Long tweezers or tongs. Molten synthetic drips, flicks and sticks to skin, and keeps burning there.',
  },
  {
    title: 'A long lighter or a spirit lamp',
    text:
      'Standing or clamped, so that both hands are free. Better than a candle, whose wax smells of ' +
      'polypropylene and whose soot blackens the residue. No matches: the sulphur covers the smell, ' +
      'and they burn down to your fingers.',
  },
  {
    title: 'A small sample',
    text: 'One finger wide at most, or a tuft of yarns. Cotton flares up fast.',
  },
  {
    title: 'Waft, never sniff',
    text:
      'Stand back from the smoke and wave a little towards you. With asthma or in pregnancy skip the ' +
      'smell: the other answers are enough. Air the room after a few burns.',
  },
  {
    title: 'Known samples',
    text: 'Samples to compare with, ready before you light anything. Burn them the same way.',
  },
]

/** The same in six lines, each a number in the picture of the bench. */
export const briefCautions: readonly string[] = [
  'Open a window. Clear away all that burns; pets and children out.',
  'Wear cotton or wool. Tie back hair and sleeves; cover your eyes.',
  'Work over metal or ceramic, with water in reach.',
  'Hold a finger’s width in long tweezers. Melted drops stick and burn.',
  'Never burn glass fibre, vinyl, coated or old heatproof fabric.',
  'Waft a little smoke towards you. Never lean in.',
]

export const neverBurn: readonly string[] = [
  'Glass-fibre (fibreglass) fabric, and old heat-resistant fabric of any kind: oven gloves, ' +
    'ironing pads, stage curtains, fire blankets. It may hold asbestos. Do not cut, shake or wash ' +
    'it: damp it, bag it, and ask your local authority.',
  'Anything that smells of solvent, oil or dry-cleaning fluid, or that has been flameproofed, rubberised or coated.',
  'Vinyl, faux leather and anything of PVC: its smoke carries acid.',
  'Anything that you want to keep, or that is not yours.',
]

/** What is in the smoke; common practice, from memory of fire-safety leaflets. */
export const inTheSmoke: readonly string[] = [
  'Hydrogen cyanide from wool, silk, nylon, acrylic and polyurethane (elastane, foam, coatings).',
  'Hydrogen chloride from modacrylic and PVC.',
  'Carbon monoxide from everything that burns; nobody can smell it.',
]

/** What to do when something has gone wrong; the usual first aid. */
export const firstAid: readonly { title: string; text: string }[] = [
  {
    title: 'A burn',
    text:
      'Cool it at once under running water for 20 minutes. Do not peel off polymer or fabric that ' +
      'sticks. Cover it loosely with something clean. Get help for anything larger than a coin, on ' +
      'the face, a hand or a joint, or on a child.',
  },
  {
    title: 'Clothes on fire',
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
    title: 'Fire on the table',
    text:
      'Tip it into the water or cover it. If it does not go out at once: leave, shut the doors, call ' +
      'the fire service.',
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
  'A burn test at home tells what a fabric is made of. It does not test how flammable it is, or ' +
    'whether it is safe to wear or furnish with: children’s nightwear, stage costumes and ' +
    'upholstery need a laboratory.',
  'For anything you sell, the label needs a laboratory’s figures (the ISO 1833 methods); a flame ' +
    'never gives percentages.',
  'This is for adults, and for children only with an adult beside them. Your local fire rules, ' +
    'and the advice of licensed people, come first.',
]
