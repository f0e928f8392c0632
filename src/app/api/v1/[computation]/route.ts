import { computationOf } from '@/server/api/computations'
import { problem } from '@/server/api/problem'

/** POST /api/v1/<name>: whichever computation is called so. */
export async function POST(request: Request, { params }: { params: Promise<{ computation: string }> }) {
  const { computation } = await params
  const found = computationOf(computation)
  return found ? found.post(request) : problem(404, 'not-found', 'There is no computation with this name.', [])
}
