import { hann, phaseOf } from './phase'

/** A picture of one wave whose crest lies so many waves from the middle, on a light ground. */
function wave(u: number, v: number, phase: number, ground = 100) {
  const [width, height] = [160, 120]
  const data = new Float32Array(width * height)
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const along = u * (x + 0.5 - width / 2) + v * (y + 0.5 - height / 2)
      data[y * width + x] = ground + 20 * Math.cos(2 * Math.PI * (along - phase))
    }
  }
  return { width, height, data }
}

it.each([
  [0.11, 0, 0.2],
  [0.09, 0.05, -0.35],
  [-0.04, 0.12, 0.45],
])('finds the crest of a wave of %d, %d at %d, however light the ground', (u, v, phase) => {
  for (const ground of [0, 100, 10_000])
    expect(phaseOf(wave(u, v, phase, ground), { u, v }, 10)).toBeCloseTo(phase, 2)
})

it('a Hann window is nothing at its ends, even about its middle, and its mean is a half', () => {
  const window = hann(64)
  expect(window[0]).toBeLessThan(0.001)
  expect(window[10]).toBeCloseTo(window[53]!, 12)
  expect(window.reduce((sum, value) => sum + value, 0) / 64).toBeCloseTo(0.5, 12)
})
