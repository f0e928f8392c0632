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
  hint:
    'Waft a little towards you with your hand; never lean in and breathe it. You can name two ' +
    'smells at once. A candle smells of wax by itself: ignore that.',
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
    ['acrid-chemical', 'Harsh and chemical', 'Stings in the nose; acrylic can be fishy too.'],
    ['paraffin', 'Candle wax', 'A candle just blown out.'],
    ['rubbery', 'Rubber', 'A hot rubber band.'],
    ['none', 'No smell', 'Nothing that you can name.'],
  ],
})
