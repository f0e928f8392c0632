import { defineDrawing, type MeasuredKind } from './define'
import { disc, piece, rectangle, ring, trapezium } from './draw'

export const PLAIN_KINDS: readonly MeasuredKind[] = [
  defineDrawing({
    id: 'rectangle',
    label: 'Rectangle',
    isAbout: false,
    measures: [
      { id: 'width', label: 'Width', usualMm: 400 },
      { id: 'length', label: 'Length', usualMm: 600 },
    ],
    draw: ({ width, length }, seam) => [piece('rectangle', rectangle(width + 2 * seam, length + 2 * seam))],
  }),
  defineDrawing({
    id: 'trapezium',
    label: 'Trapezium (a gore, a flared panel)',
    isAbout: false,
    measures: [
      { id: 'top', label: 'Top edge', usualMm: 150 },
      { id: 'bottom', label: 'Bottom edge', usualMm: 400 },
      { id: 'length', label: 'Length', usualMm: 600 },
    ],
    draw: ({ top, bottom, length }, seam) => [
      piece('gore', trapezium(bottom + 2 * seam, top + 2 * seam, length + 2 * seam)),
    ],
  }),
  defineDrawing({
    id: 'circle',
    label: 'Circle',
    isAbout: false,
    measures: [{ id: 'across', label: 'Across', usualMm: 400 }],
    draw: ({ across }, seam) => [piece('circle', disc(across / 2 + seam))],
  }),
  defineDrawing({
    id: 'half-circle',
    label: 'Half-circle skirt or cape',
    isAbout: false,
    measures: [
      { id: 'waist', label: 'Waist or neck', usualMm: 720 },
      { id: 'length', label: 'Length', usualMm: 600 },
    ],
    // The waist is half of a circle round: radius = waist / π (geometry; the rule of any skirt-making book).
    draw: ({ waist, length }, seam) => [
      piece('half circle', ring(Math.max(10, waist / Math.PI - seam), waist / Math.PI + length + seam, 0, 180)),
    ],
  }),
  defineDrawing({
    id: 'full-circle',
    label: 'Full-circle skirt, in two halves',
    isAbout: false,
    measures: [
      { id: 'waist', label: 'Waist', usualMm: 720 },
      { id: 'length', label: 'Length', usualMm: 600 },
    ],
    // Twice as much round: radius = waist / 2π.
    draw: ({ waist, length }, seam) => {
      const radius = waist / (2 * Math.PI)
      return [piece('half of it', ring(Math.max(10, radius - seam), radius + length + seam, 0, 180), { count: 2 })]
    },
  }),
  defineDrawing({
    id: 'tiers',
    label: 'Gathered tiers',
    isAbout: false,
    measures: [
      { id: 'round', label: 'Around the top', usualMm: 1000 },
      { id: 'length', label: 'Total length', usualMm: 750 },
    ],
    // Three tiers, each half as much again as the one above (common practice).
    draw: ({ round, length }, seam) =>
      [1, 2, 3].map((tier) => {
        const width = (round * 1.5 ** tier) / 2
        return piece(`tier ${tier}`, rectangle(width + 2 * seam, length / 3 + 2 * seam), { count: 2 })
      }),
  }),
]
