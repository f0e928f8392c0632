/** What is kept of the passphrase of a notebook that is open to the home network; empty where it is not. */
export const seal = (): string => process.env.ROUGH_SWATCH_SEAL ?? ''

export const isShared = (): boolean => seal() !== ''
