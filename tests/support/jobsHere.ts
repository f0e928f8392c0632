import type * as tasks from '@/server/tasks/tasks'

type Tasks = typeof tasks

/** In place of the worker threads, which run in the real server and are tested there: the task, here and now. */

export function runJob<Name extends keyof Tasks>(name: Name, task: never): ReturnType<Tasks[Name]> {
  return jest.requireActual<Tasks>('@/server/tasks/tasks')[name](task) as ReturnType<Tasks[Name]>
}
