import { TestSeamSchema } from '@/core/notebook/kinds/testSeam'
import { seamWords } from './seamWords'

it('tells a test seam in one line', () => {
  const seam = TestSeamSchema.parse({ pieceId: 'a', needleNm: 70, lengthMm: 2, came: 'puckered', tension: 'looser' })
  expect(seamWords(seam)).toBe('NM 70, 2 mm, upper tension looser: it puckered.')
  expect(
    seamWords({ ...seam, point: 'sharp', thread: 'silk', tension: 'usual', came: 'good', notes: 'Lovely.' }),
  ).toBe('NM 70, sharp, 2 mm, silk: good. Lovely.')
})
