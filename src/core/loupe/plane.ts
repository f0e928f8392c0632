// Taken out once: they stand in loops over every pixel.
const { max, min, sqrt, floor } = Math

/** Brightness on a grid, row after row from the top left. */
export interface Plane {
  width: number
  height: number
  data: Float32Array
}

/**
 * The plane made smaller by a whole factor: the mean of each block. Rows and columns that fill no block are left out.
 */
export function shrunk({ width, height, data }: Plane, factor: number): Plane {
  if (factor === 1) return { width, height, data }
  const [w, h] = [floor(width / factor), floor(height / factor)]
  const out = new Float32Array(w * h)
  for (let y = 0; y < h; y++) {
    for (let x = 0; x < w; x++) {
      let sum = 0
      for (let dy = 0; dy < factor; dy++)
        for (let dx = 0; dx < factor; dx++) sum += data[(y * factor + dy) * width + x * factor + dx]!
      out[y * w + x] = sum / (factor * factor)
    }
  }
  return { width: w, height: h, data: out }
}

/** The middle square of that side, or of the shorter side where there is no room. */
export function middle({ width, height, data }: Plane, side: number): Plane {
  const [w, h] = [min(side, width), min(side, height)]
  const [left, top] = [floor((width - w) / 2), floor((height - h) / 2)]
  const out = new Float32Array(w * h)
  for (let y = 0; y < h; y++) out.set(data.subarray((top + y) * width + left, (top + y) * width + left + w), y * w)
  return { width: w, height: h, data: out }
}

/**
 * Uneven light taken out: from each pixel the mean of a square about it, divided by the square's own spread.
 * @param radius half the side of the square, pixels
 */
export function flattened({ width, height, data }: Plane, radius: number): Plane {
  const sums = integral(width, height, (i) => data[i]!)
  const squares = integral(width, height, (i) => data[i]! * data[i]!)
  const out = new Float32Array(data.length)
  for (let y = 0; y < height; y++) {
    const [top, bottom] = [max(0, y - radius), min(height, y + radius + 1)]
    for (let x = 0; x < width; x++) {
      const [left, right] = [max(0, x - radius), min(width, x + radius + 1)]
      const area = (bottom - top) * (right - left)
      const mean = box(sums, width, left, top, right, bottom) / area
      const variance = box(squares, width, left, top, right, bottom) / area - mean * mean
      // One grey level of spread is nothing but the camera's own steps.
      out[y * width + x] = (data[y * width + x]! - mean) / sqrt(max(variance, 1))
    }
  }
  return { width, height, data: out }
}

/** Standard deviation over the whole plane. */
export function spreadOf({ data }: Plane): number {
  const mean = data.reduce((sum, value) => sum + value, 0) / data.length
  return sqrt(data.reduce((sum, value) => sum + (value - mean) ** 2, 0) / data.length)
}

/** Running sums over the rectangle from the corner, one wider and higher than the plane. */
function integral(width: number, height: number, value: (index: number) => number): Float64Array {
  const sums = new Float64Array((width + 1) * (height + 1))
  for (let y = 0; y < height; y++) {
    let row = 0
    for (let x = 0; x < width; x++) {
      row += value(y * width + x)
      sums[(y + 1) * (width + 1) + x + 1] = sums[y * (width + 1) + x + 1]! + row
    }
  }
  return sums
}

function box(sums: Float64Array, width: number, left: number, top: number, right: number, bottom: number): number {
  const stride = width + 1
  return (
    sums[bottom * stride + right]! -
    sums[top * stride + right]! -
    sums[bottom * stride + left]! +
    sums[top * stride + left]!
  )
}
