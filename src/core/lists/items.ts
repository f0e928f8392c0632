/**
 * The item of a list at a place where there is one. A loop over millions of numbers reads them itself: a function that
 * every kind of list goes through is slow there.
 * @throws RangeError where there is none, which is a fault of the program and never of what somebody entered
 */
export function itemAt<T>(list: ArrayLike<T>, place: number): T {
  const item = list[place]
  if (item === undefined) throw new RangeError(`No item ${place} in a list of ${list.length}`)
  return item
}

/** The last item of a list that has some. @throws RangeError where it is empty */
export function lastOf<T>(list: ArrayLike<T>): T {
  return itemAt(list, list.length - 1)
}

/** A value that is there. @throws Error where it is missing, which is a fault of the program */
export function mustHave<T>(value: T): NonNullable<T> {
  if (value === undefined || value === null) throw new Error('A value that has to be there is missing')
  return value
}

/**
 * The number of a column at a place where there is one; quick, since it takes one kind of list alone.
 * @throws RangeError where there is none
 */
export function floatAt(list: Float64Array, place: number): number {
  const number = list[place]
  if (number === undefined) throw new RangeError(`No number ${place} in a column of ${list.length}`)
  return number
}

/** The first few items of which something is true; those after them are not looked at. */
export function firstFew<T>(list: readonly T[], most: number, isIt: (item: T) => boolean): T[] {
  const few: T[] = []
  for (const item of list) {
    if (few.length >= most) break
    if (isIt(item)) few.push(item)
  }
  return few
}
