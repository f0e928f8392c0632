/** Whatever somebody may send to an action that is not one of our pages, or what a test wrote out by hand. */
export const anything = (value: unknown): never => value as never
