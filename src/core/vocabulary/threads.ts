/** What sewing thread is spun of. */
export type Thread = 'polyester' | 'cotton' | 'silk' | 'nylon'
export const THREADS: readonly Thread[] = ['polyester', 'cotton', 'silk', 'nylon']
