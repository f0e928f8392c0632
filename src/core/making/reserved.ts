/** A length of a piece that a project keeps back. */
export interface Reserved {
  projectId: string
  project: string
  /** Which of the project’s fabrics it is: its role, and its label where there are several. */
  place: string
  pieceId: string
  /** Null where nobody knows how much it takes. */
  mm: number | null
  /** What it takes where `mm`, by a layout, is not left: by its envelope. */
  elseMm?: number
}

/** What is left of a piece for one who asks. */
export interface Left {
  /** Null where the piece’s length is not known. */
  mm: number | null
  /** What others have reserved of it, in the order in which they did. */
  taken: readonly Reserved[]
  /** What others want of it that is not left, each whole: it takes nothing. */
  unmet: readonly Reserved[]
}

/** Who asks: a project for one of its places, or nobody in particular. */
export type Asker = Pick<Reserved, 'projectId' | 'place'> | null

/**
 * What is left of a piece, so that no length is promised twice: who reserved first has it first, and whoever has
 * reserved nothing comes after all. A project that reserved without saying how much leaves nothing certain.
 * @param reserved of this piece, in the order in which it was reserved
 */
export function leftOf(lengthMm: number | null, reserved: readonly Reserved[], asker: Asker = null): Left {
  const own = reserved.findIndex(
    ({ projectId, place }) => asker !== null && projectId === asker.projectId && place === asker.place,
  )
  const taken = own < 0 ? reserved.filter(({ projectId }) => projectId !== asker?.projectId) : reserved.slice(0, own)
  if (lengthMm === null) return { mm: null, taken, unmet: [] }
  let mm = lengthMm
  const unmet: Reserved[] = []
  const counted = taken.flatMap((one) => {
    const fits = (wanted: number | null) => wanted === null || wanted <= mm + TAPE_MM
    const takes = [one.mm, one.elseMm].filter((wanted) => wanted !== undefined).find(fits)
    // There was not enough for one that came too late: it takes nothing.
    if (takes === undefined) {
      unmet.push(one)
      return []
    }
    mm = Math.max(0, mm - (takes ?? mm))
    return [{ ...one, mm: takes }]
  })
  return { mm: Math.round(mm), taken: counted, unmet }
}

/** A tape is not read more finely, mm. */
const TAPE_MM = 5
