'use client'

import { useRef, useState } from 'react'
import { type Shot } from '@/devices/standins/camera'
import { type CutOut, type CutOutAsked } from '@/core/photo/cutOut'
import { Cancelled, runPictureJob, type Counted, type Running, type PictureView } from './jobs'

export interface Picture {
  file: Blob
  view: PictureView
  /** Counts up with every new picture. */
  number: number
}

type Job<T> = Parameters<typeof runPictureJob<T>>[0]

/** A picture that is worked on away from the page: opened, and one job on it at a time. */
export function usePicture() {
  const [picture, setPicture] = useState<Picture | null>(null)
  const [progress, setProgress] = useState<number | null>(null)
  const [trouble, setTrouble] = useState<string>()
  const running = useRef<Running<unknown> | null>(null)
  const counted = useRef(0)

  /** Runs a job; null where it was stopped or failed, which `trouble` then tells. */
  const run = async <T>(job: Job<T>): Promise<T | null> => {
    running.current?.cancel()
    setTrouble(undefined)
    setProgress(0)
    const own = runPictureJob(job, setProgress)
    running.current = own
    try {
      return await own.answer
    } catch (error) {
      if (!(error instanceof Cancelled))
        setTrouble(error instanceof Error ? error.message : 'We could not work on the photo.')
      return null
    } finally {
      if (running.current === own) {
        running.current = null
        setProgress(null)
      }
    }
  }
  const open = async (file: Blob): Promise<Picture | null> => {
    const view = await run((jobs) => jobs.open(file))
    if (!view) return null
    const opened = { file, view, number: ++counted.current }
    setPicture(opened)
    return opened
  }
  const shoot = async (shot: Shot): Promise<void> => {
    const taken = await run((jobs) => jobs.shoot(shot))
    if (taken) await open(taken.file)
  }
  return {
    picture,
    open,
    shoot,
    near: (file: Blob, sidePx: number): Promise<PictureView | null> => run((jobs) => jobs.near(file, sidePx)),
    count: (file: Blob, pixelsPerCm: number): Promise<Counted | null> =>
      run((jobs, onProgress) => jobs.count(file, pixelsPerCm, onProgress)),
    shadow: (file: Blob) => run((jobs) => jobs.shadow(file)),
    cutOut: (file: Blob, asked: CutOutAsked): Promise<CutOut | null> => run((jobs) => jobs.cutOut(file, asked)),
    progress,
    trouble,
    cancel: () => running.current?.cancel(),
  }
}

export type PictureWork = ReturnType<typeof usePicture>
