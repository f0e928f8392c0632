import { defineFeature } from './define'

export const smell = defineFeature({
  id: 'smell',
  kind: 'burn',
  look: 'smell',
  multi: true,
  hazard: 'flame',
  minutes: 3,
  title: 'Smell',
  question: 'What does it smell of?',
  hint: 'Waft a little towards you with your hand; never lean in and breathe it. Two smells at once are worth saying.',
  source: 'common practice; weights from memory of textbook burn tables',
  // A little hair smells through a lot of cotton; common practice.
  // Smells are named wrongly often, but then by a neighbour, which the rows allow for; a smell out of nowhere is rare.
  slip: 0.015,
  // Acetate is cellulose made over: it smells of paper and vinegar at once; common practice.
  several: { alone: 0.12, mixed: 0.4, aloneIn: { acetate: 0.35 } },
  salience: { protein: 1.8, acetate: 1.3, synthetic: 1.2 },
  states: [
    ['paper', 'Burnt paper', 'A scrap of newspaper.'],
    ['wood-leaves', 'Wood or leaves', 'A bonfire in autumn.'],
    ['rope-straw', 'Rope or straw', 'String, dry grass, a stable.'],
    ['hair-feather', 'Hair or feather', 'A hair caught in a candle.'],
    ['vinegar', 'Vinegar', 'Sour, sharp, like hot vinegar.'],
    ['celery-green', 'Green, like celery', 'Vegetable, like bean pods or celery.'],
    ['sweet-chemical', 'Sweet and chemical', 'Perfumed, plasticky.'],
    ['acrid-chemical', 'Harsh and chemical', 'Bites in the nose.'],
    ['paraffin', 'Candle wax', 'A candle just blown out.'],
    ['rubbery', 'Rubber', 'A hot rubber band.'],
    ['none', 'No smell', 'Nothing that you could name.'],
  ],
  rows: [
    [
      ['cotton'],
      { paper: 80, 'wood-leaves': 11, 'rope-straw': 4, 'sweet-chemical': 0.5, 'acrid-chemical': 0.5, none: 4 },
    ],
    [['linen'], { paper: 54, 'wood-leaves': 14, 'rope-straw': 27, none: 4 }],
    [['hemp'], { paper: 40, 'wood-leaves': 16, 'rope-straw': 39, none: 4 }],
    [['ramie'], { paper: 55, 'wood-leaves': 18, 'rope-straw': 22, none: 4 }],
    [['jute'], { paper: 22, 'wood-leaves': 22, 'rope-straw': 52, none: 3 }],
    [
      ['viscose', 'modal', 'lyocell', 'cupro'],
      { paper: 66, 'wood-leaves': 24, 'rope-straw': 4, 'sweet-chemical': 0.5, 'acrid-chemical': 0.5, none: 5 },
    ],
    [['acetate'], { vinegar: 64, 'acrid-chemical': 13, paper: 13, 'sweet-chemical': 4, 'wood-leaves': 4, none: 2 }],
    [
      ['triacetate'],
      { vinegar: 50, 'acrid-chemical': 27, paper: 10, 'sweet-chemical': 8, 'wood-leaves': 3, none: 2 },
    ],
    [['wool', 'hair'], { 'hair-feather': 93, 'acrid-chemical': 3, none: 2 }],
    [['silk'], { 'hair-feather': 84, none: 5, 'wood-leaves': 3, paper: 3, 'acrid-chemical': 3 }],
    [
      ['polyester'],
      {
        'sweet-chemical': 60,
        'acrid-chemical': 24,
        paraffin: 4,
        rubbery: 4,
        'celery-green': 3,
        vinegar: 0.2,
        paper: 0.5,
        none: 2,
      },
    ],
    [
      ['nylon'],
      {
        'celery-green': 51,
        'acrid-chemical': 24,
        'sweet-chemical': 14,
        'hair-feather': 1.5,
        rubbery: 4,
        paraffin: 3,
        vinegar: 0.2,
        paper: 0.5,
        none: 2,
      },
    ],
    [
      ['acrylic'],
      {
        'acrid-chemical': 68,
        'sweet-chemical': 16,
        rubbery: 5,
        'hair-feather': 1.5,
        paraffin: 3,
        vinegar: 1,
        paper: 0.5,
      },
    ],
    [
      ['modacrylic'],
      { 'acrid-chemical': 72, 'sweet-chemical': 11, rubbery: 5, vinegar: 2, paraffin: 2, paper: 0.5, none: 2 },
    ],
    [
      ['polypropylene'],
      { paraffin: 68, 'acrid-chemical': 13, 'sweet-chemical': 9, rubbery: 4, 'celery-green': 2, paper: 0.5, none: 2 },
    ],
    [['elastane'], { rubbery: 38, 'acrid-chemical': 34, 'sweet-chemical': 18, paraffin: 3, none: 3 }],
    [['glass'], { none: 94, 'acrid-chemical': 3 }],
    [['metallic'], { none: 55, 'acrid-chemical': 26, 'sweet-chemical': 12 }],
  ],
})
