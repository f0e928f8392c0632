import dynamic from 'next/dynamic'
import { type ComponentType } from 'react'
import { type MeasurementKindId } from '@/core/notebook/measurements'
import { type BenchProps } from './common'

const TypedBench = dynamic(() => import('./TypedBench').then((bench) => bench.TypedBench))

/** Benches that want more than fields to type into: a drawing, a watch, a picture. Each is a chunk of its own. */
const OWN: Partial<Record<MeasurementKindId, ComponentType<BenchProps>>> = {
  weigh: dynamic(() => import('@/features/find-out/weigh/WeighBench').then(({ WeighBench }) => WeighBench)),
  stretch: dynamic(() => import('./StretchBench').then(({ StretchBench }) => StretchBench)),
  drape: dynamic(() => import('./DrapeBench').then(({ DrapeBench }) => DrapeBench)),
  opacity: dynamic(() => import('./OpacityBench').then(({ OpacityBench }) => OpacityBench)),
  crease: dynamic(() => import('./CreaseBench').then(({ CreaseBench }) => CreaseBench)),
  'water-drop': dynamic(() => import('./WaterDropBench').then(({ WaterDropBench }) => WaterDropBench)),
  crocking: dynamic(() => import('./CrockingBench').then(({ CrockingBench }) => CrockingBench)),
  shrinkage: dynamic(() => import('./ShrinkageBench').then(({ ShrinkageBench }) => ShrinkageBench)),
  grain: dynamic(() => import('./GrainBench').then(({ GrainBench }) => GrainBench)),
  lie: dynamic(() => import('./LieBench').then(({ LieBench }) => LieBench)),
  loupe: dynamic(() => import('@/features/find-out/loupe/LoupeBench').then(({ LoupeBench }) => LoupeBench)),
  yarns: dynamic(() => import('./YarnsBench').then(({ YarnsBench }) => YarnsBench)),
}

/** A kind of measurement without a bench of its own is typed into the fields that it declares. */
export const BENCHES = new Proxy(OWN as Record<MeasurementKindId, ComponentType<BenchProps>>, {
  get: (own, id: MeasurementKindId) => own[id] ?? TypedBench,
})
