import fc from 'fast-check'
import { drawdownOf, weaveDraftOf } from '../../weave/draft'
import { drafts } from '../../weave/drafts'
import { readWif, WifError } from './read'
import { writeWif } from './write'

const FOREIGN = `[WIF]
Version=1.1
; a comment
[WEAVING]
Shafts=4
Treadles=4
Rising Shed=no
[WARP]
Threads=4
Color=1
[WEFT]
Threads=4
[THREADING]
1=1
2=2
3=3
4=4
[TIEUP]
1=3,4
2=1,4
3=1,2
4=2,3
[TREADLING]
1=1
2=2
3=3
4=4
`

it('reads what it wrote, for every weave that it knows', () => {
  for (const drawdown of Object.values(drafts))
    expect(drawdownOf(readWif(writeWif(weaveDraftOf(drawdown), 'a weave')))).toEqual(drawdown)
})

it('reads what it wrote for any interlacing, empty picks included', () => {
  const matrix = fc.array(fc.array(fc.boolean(), { minLength: 5, maxLength: 5 }), { minLength: 1, maxLength: 7 })
  fc.assert(
    fc.property(matrix, (drawdown) =>
      expect(drawdownOf(readWif(writeWif(weaveDraftOf(drawdown))))).toEqual(drawdown),
    ),
  )
})

it('turns a sinking shed into a rising one', () => {
  expect(drawdownOf(readWif(FOREIGN))[0]).toEqual([true, true, false, false])
})

it('reads a lift plan in place of treadles', () => {
  const plan = FOREIGN.replace('Rising Shed=no', 'Rising Shed=yes').replace(
    /\[TIEUP\][\s\S]*/,
    '[LIFTPLAN]\n1=1,2\n2=2,3\n3=3,4\n4=1,4\n',
  )
  expect(drawdownOf(readWif(plan))[3]).toEqual([true, false, false, true])
})

it.each([
  ['no weaving file', 'hello', 'WIF'],
  ['no warp', FOREIGN.replace('[WARP]', '[WORP]'), 'WARP'],
  ['far too many threads', FOREIGN.replace('Threads=4', 'Threads=40000000'), 'WARP'],
  ['nonsense in a line', FOREIGN.replace('1=3,4', '1=three'), 'TIEUP'],
  ['no treadling', FOREIGN.replace('[TREADLING]', '[TRODDEN]'), 'TREADLING'],
])('says where it fails: %s', (_, text, section) => {
  const read = () => readWif(text)
  expect(read).toThrow(WifError)
  try {
    read()
  } catch (error) {
    expect((error as WifError).section).toBe(section)
  }
})
