import { defineFeature } from './define'

export const smoke = defineFeature({
  id: 'smoke',
  kind: 'burn',
  look: 'burning',
  hazard: 'flame',
  minutes: 3,
  title: 'Smoke',
  question: 'What smoke does it give?',
  hint: 'Against something pale, while it burns or just after.',
  source: 'common practice; silk spread wide because practice disagrees about it',
  states: [
    ['hardly-any', 'Hardly any', 'You have to look for it.'],
    ['pale', 'Pale', 'White or light grey.'],
    ['dark', 'Dark', 'Grey to brown.'],
    ['black-sooty', 'Black and sooty', 'Black flecks float up.'],
  ],
  rows: [
    [['cotton', 'linen', 'hemp', 'ramie', 'jute'], { 'hardly-any': 35, pale: 55, dark: 9, 'black-sooty': 1 }],
    [['viscose', 'modal', 'lyocell', 'cupro'], { 'hardly-any': 42, pale: 50, dark: 7, 'black-sooty': 1 }],
    [['acetate', 'triacetate'], { 'hardly-any': 12, pale: 35, dark: 40, 'black-sooty': 13 }],
    [['wool', 'hair'], { 'hardly-any': 15, pale: 45, dark: 35, 'black-sooty': 5 }],
    [['silk'], { 'hardly-any': 32, pale: 38, dark: 26, 'black-sooty': 4 }],
    [['polyester'], { 'hardly-any': 3, pale: 14, dark: 30, 'black-sooty': 53 }],
    [['nylon'], { 'hardly-any': 15, pale: 50, dark: 27, 'black-sooty': 8 }],
    [['acrylic'], { 'hardly-any': 3, pale: 7, dark: 28, 'black-sooty': 62 }],
    [['modacrylic', 'elastane'], { 'hardly-any': 5, pale: 20, dark: 40, 'black-sooty': 35 }],
    [['polypropylene'], { 'hardly-any': 15, pale: 45, dark: 28, 'black-sooty': 12 }],
    [['glass'], { 'hardly-any': 93, pale: 5, dark: 1, 'black-sooty': 1 }],
    [['metallic'], { 'hardly-any': 50, pale: 25, dark: 15, 'black-sooty': 10 }],
  ],
})
