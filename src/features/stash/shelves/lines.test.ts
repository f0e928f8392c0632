import { linesOf } from './lines'

it('begins a new board at each place, and fills it before the next', () => {
  const places = [
    { place: 'Loft', count: 5 },
    { place: '', count: 1 },
  ]
  expect(linesOf(places, 6, 3)).toEqual([
    { kind: 'heading', place: 'Loft', count: 5 },
    { kind: 'board', place: 'Loft', from: 0, to: 3 },
    { kind: 'board', place: 'Loft', from: 3, to: 5 },
    { kind: 'heading', place: '', count: 1 },
    { kind: 'board', place: '', from: 5, to: 6 },
  ])
})

it('has boards only where they are in another order, and no line for nothing', () => {
  expect(linesOf([], 4, 7)).toEqual([{ kind: 'board', place: '', from: 0, to: 4 }])
  expect(linesOf([], 0, 7)).toEqual([])
})
