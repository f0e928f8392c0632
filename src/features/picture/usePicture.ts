'use client'

import { useRef, useState } from 'react'
import { type Shot } from '@/demo/standins/camera'
import { Cancelled, runJob, type Answers, type Job, type Running, type View } from './jobs'

export interface Picture {
  file: Blob
  view: View
  /** Counts up with every new picture. */
  number: number
}

/** A picture that is worked on away from the page: opened, and one job on it at a time. */
export function usePicture() {
  const [picture, setPicture] = useState<Picture | null>(null)
  const [progress, setProgress] = useState<number | null>(null)
  const [trouble, setTrouble] = useState<string>()
  const running = useRef<Running<Job['kind']> | null>(null)

  /** Runs a job; null where it was stopped or failed, which `trouble` then tells. */
  const run = async <K extends Job['kind']>(job: Extract<Job, { kind: K }>): Promise<Answers[K] | null> => {
    running.current?.cancel()
    setTrouble(undefined)
    setProgress(0)
    const own = runJob<K>(job, setProgress)
    running.current = own
    try {
      return await own.answer
    } catch (error) {
      if (!(error instanceof Cancelled))
        setTrouble(error instanceof Error ? error.message : 'The picture could not be worked on.')
      return null
    } finally {
      if (running.current === own) {
        running.current = null
        setProgress(null)
      }
    }
  }
  const open = async (file: Blob): Promise<void> => {
    const view = await run<'open'>({ kind: 'open', file })
    if (view) setPicture((before) => ({ file, view, number: (before?.number ?? 0) + 1 }))
  }
  const shoot = async (shot: Shot): Promise<void> => {
    const taken = await run<'shoot'>({ kind: 'shoot', shot })
    if (taken) await open(taken.file)
  }
  return { picture, open, shoot, run, progress, trouble, cancel: () => running.current?.cancel() }
}

export type PictureWork = ReturnType<typeof usePicture>
