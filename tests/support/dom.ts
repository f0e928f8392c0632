/** What a browser has and jsdom lacks, for tests of components. */
if (typeof window !== 'undefined' && !('CSS' in window))
  Object.assign(window, { CSS: { escape: (text: string) => text.replace(/[^\w-]/g, (sign) => `\\${sign}`) } })
