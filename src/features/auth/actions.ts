'use server'

import { z } from 'zod'
import { endSession } from '@/server/auth/sessions'
import { action } from '../shared/action'

/** Ends a session: its device is asked for the passphrase again. */
export const endThis = action(
  [z.string().max(40)],
  (id) => {
    endSession(id)
    return Promise.resolve()
  },
  ['sessions'],
)
