import dynamic from 'next/dynamic'
import { type ComponentType } from 'react'
import { type MeasurementKindId } from '@/core/notebook/measurements'
import { type BenchProps } from './common'

/** Where a kind has no bench of its own: what it declares is typed into fields. */
export const TypedBench = dynamic(() => import('./TypedBench').then((bench) => bench.TypedBenchForm))

/** Benches that want more than fields to type into: a drawing, a watch, a picture. Each is a chunk of its own. */
export const OWN_BENCHES: Partial<Record<MeasurementKindId, ComponentType<BenchProps>>> = {
  weigh: dynamic(() => import('@/features/identify/measure/weigh/WeighBench').then(({ WeighBench }) => WeighBench)),
  stretch: dynamic(() => import('./StretchBench').then(({ StretchBench }) => StretchBench)),
  drape: dynamic(() => import('./DrapeBench').then(({ DrapeBench }) => DrapeBench)),
  opacity: dynamic(() => import('./OpacityBench').then(({ OpacityBench }) => OpacityBench)),
  crease: dynamic(() => import('./CreaseBench').then(({ CreaseBench }) => CreaseBench)),
  'water-drop': dynamic(() => import('./WaterDropBench').then(({ WaterDropBench }) => WaterDropBench)),
  crocking: dynamic(() => import('./CrockingBench').then(({ CrockingBench }) => CrockingBench)),
  shrinkage: dynamic(() => import('./ShrinkageBench').then(({ ShrinkageBench }) => ShrinkageBench)),
  grain: dynamic(() => import('./GrainBench').then(({ GrainBench }) => GrainBench)),
  lie: dynamic(() => import('./LieBench').then(({ LieBench }) => LieBench)),
  loupe: dynamic(() => import('@/features/identify/measure/loupe/LoupeBench').then(({ LoupeBench }) => LoupeBench)),
  yarns: dynamic(() => import('./YarnsBench').then(({ YarnsBench }) => YarnsBench)),
}
