import type { Metadata } from 'next'
import { testFrom } from '@/app/testFrom'
import { HandOf } from '@/features/shared/hand/HandOf'
import { BenchTest } from '@/features/identify/burn/BenchTest'

export const metadata: Metadata = { title: 'Burn test' }

export default async function BenchTestPage({ params }: { params: Promise<{ id: string }> }) {
  const { test, of, box, controls } = await testFrom(params)
  return (
    <>
      <BenchTest
        testId={test.id}
        revision={test.revision}
        answers={test.answers}
        setup={test.setup}
        notes={test.specimens}
        controls={controls}
        of={of}
        box={box.map(({ fibre, impure }) => ({ fibre, impure }))}
      />
      <HandOf pieceId={test.pieceId} />
    </>
  )
}
