'use client'

import { createContext } from 'react'

/** Whether whoever reads wants inches and ounces beside what a text says in mm and grams. */
export const ReadsImperial = createContext(false)
