import sharp from 'sharp'
import { cleanPicture } from './cleanPicture'

const red = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#b03a2e' } })

async function cleaned(bytes: Uint8Array) {
  const outcome = await cleanPicture({ bytes })
  if ('refused' in outcome) throw new Error(outcome.refused)
  return sharp(outcome.jpeg).metadata()
}

it('turns a picture as its EXIF says, and leaves the EXIF behind', async () => {
  const sent = await red(40, 20)
    .withExif({ IFD0: { Copyright: 'somebody' }, IFD3: { GPSLatitude: '51/1 30/1 0/1' } })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer()
  expect((await sharp(sent).metadata()).exif).toBeDefined()
  const kept = await cleaned(sent)
  expect([kept.width, kept.height, kept.format]).toEqual([20, 40, 'jpeg'])
  expect([kept.exif, kept.xmp, kept.iptc, kept.orientation]).toEqual([undefined, undefined, undefined, undefined])
})

it('carries nothing along that was hung behind the picture', async () => {
  const hidden = Buffer.concat([await red(30, 30).jpeg().toBuffer(), Buffer.from('<script>alert(1)</script>')])
  const outcome = await cleanPicture({ bytes: hidden })
  expect('jpeg' in outcome && Buffer.from(outcome.jpeg).includes('script')).toBe(false)
})

it('makes a large one smaller, and leaves a small one as large as it is', async () => {
  expect((await cleaned(await red(3000, 1000).png().toBuffer())).width).toBe(2400)
  expect((await cleaned(await red(30, 10).webp().toBuffer())).width).toBe(30)
})

it.each([
  ['what only begins like one', () => Promise.resolve(Buffer.from([0xff, 0xd8, 0xff, 1, 2, 3]))],
  ['half of one', async () => (await red(900, 900).png().toBuffer()).subarray(0, 900)],
  ['a drawing with a program in it', () => Promise.resolve(Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>'))],
  ['a moving picture of another kind', () => red(9, 9).gif().toBuffer()],
  ['nothing', () => Promise.resolve(Buffer.alloc(0))],
])('refuses %s', async (_, made) => {
  expect(await cleanPicture({ bytes: await made() })).toMatchObject({
    refused: expect.stringMatching(/JPEG, PNG or WebP/),
  })
})

it('refuses more pixels than it would work on, whatever the file weighs', async () => {
  const bomb = await sharp({ create: { width: 9000, height: 6000, channels: 3, background: '#fff' } })
    .png({ compressionLevel: 9 })
    .toBuffer()
  expect(bomb.length).toBeLessThan(1_000_000)
  expect(await cleanPicture({ bytes: bomb })).toMatchObject({ refused: expect.stringMatching(/50 million/) })
})
