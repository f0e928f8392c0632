import { damagedAmong } from '../store/repository'
import { workerNotebook } from '../jobs/workerNotebook'

/** Which of these records cannot be read, looked at in a worker thread. Writes nothing. */
export async function checkRecords({
  file,
  ids,
}: {
  file: string
  ids: readonly string[]
}): Promise<{ id: string }[]> {
  return (await damagedAmong(await workerNotebook(file), ids)).map(({ id }) => ({ id }))
}
