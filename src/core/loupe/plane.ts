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
export function shrinkPlane({ width, height, data }: Plane, factor: number): Plane {
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

/** The plane at half its size, as `shrunk` makes it, without its inner loops. */
export function halvePlane({ width, height, data }: Plane): Plane {
  const [w, h] = [floor(width / 2), floor(height / 2)]
  const out = new Float32Array(w * h)
  for (let y = 0; y < h; y++) {
    let above = 2 * y * width
    let below = above + width
    for (let at = y * w; at < (y + 1) * w; at++) {
      out[at] = (data[above++]! + data[above++]! + data[below++]! + data[below++]!) / 4
    }
  }
  return { width: w, height: h, data: out }
}

/**
 * Brightness of a picture from its red, green and blue.
 * @param channels values a pixel, the first three of which are red, green and blue
 * Weights of ITU-R BT.601.
 */
export function planeOf(pixels: ArrayLike<number>, width: number, height: number, channels: number): Plane {
  const data = new Float32Array(width * height)
  for (let i = 0, at = 0; i < data.length; i++, at += channels) {
    data[i] = 0.299 * pixels[at]! + 0.587 * pixels[at + 1]! + 0.114 * pixels[at + 2]!
  }
  return { width, height, data }
}

/** The middle square of that side, or of the shorter side where there is no room. */
export function cropMiddle({ width, height, data }: Plane, side: number): Plane {
  const [w, h] = [min(side, width), min(side, height)]
  const [left, top] = [floor((width - w) / 2), floor((height - h) / 2)]
  const out = new Float32Array(w * h)
  for (let y = 0; y < h; y++) out.set(data.subarray((top + y) * width + left, (top + y) * width + left + w), y * w)
  return { width: w, height: h, data: out }
}

/**
 * Uneven light taken out: from each pixel the mean of a square about it, divided by the square's own spread. The
 * square slides: what it enters is added, what it leaves is taken away.
 * @param radius half the side of the square, pixels
 */
export function flattenPlane({ width, height, data }: Plane, radius: number): Plane {
  const out = new Float32Array(data.length)
  // Of each column, what stands between the square's top and bottom.
  const sums = new Float64Array(width)
  const squares = new Float64Array(width)
  const addRow = (y: number, sign: 1 | -1) => {
    if (y < 0 || y >= height) return
    for (let x = 0; x < width; x++) {
      const value = data[y * width + x]!
      sums[x]! += sign * value
      squares[x]! += sign * value * value
    }
  }
  for (let y = 0; y < radius; y++) addRow(y, 1)
  for (let y = 0; y < height; y++) {
    addRow(y + radius, 1)
    addRow(y - radius - 1, -1)
    const rows = min(height, y + radius + 1) - max(0, y - radius)
    let sum = 0
    let square = 0
    for (let x = 0; x < min(radius, width); x++) {
      sum += sums[x]!
      square += squares[x]!
    }
    for (let x = 0; x < width; x++) {
      if (x + radius < width) {
        sum += sums[x + radius]!
        square += squares[x + radius]!
      }
      if (x - radius > 0) {
        sum -= sums[x - radius - 1]!
        square -= squares[x - radius - 1]!
      }
      const area = rows * (min(width, x + radius + 1) - max(0, x - radius))
      const mean = sum / area
      // One grey level of spread is nothing but the camera's own steps.
      out[y * width + x] = (data[y * width + x]! - mean) / sqrt(max(square / area - mean * mean, 1))
    }
  }
  return { width, height, data: out }
}

/** Mean over the whole plane. */
export function meanOf({ data }: Plane): number {
  let sum = 0
  for (let i = 0; i < data.length; i++) sum += data[i]!
  return sum / data.length
}

/** Standard deviation over the whole plane. */
export function planeSpreadOf(plane: Plane): number {
  const { data } = plane
  const mean = meanOf(plane)
  let squares = 0
  for (let i = 0; i < data.length; i++) squares += (data[i]! - mean) * (data[i]! - mean)
  return sqrt(squares / data.length)
}
