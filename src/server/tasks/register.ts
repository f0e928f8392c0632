import type * as tasks from './tasks'

type Tasks = typeof tasks

declare module '../jobs/pool' {
  // eslint-disable-next-line @typescript-eslint/no-empty-object-type -- the tasks are its members
  interface Jobs extends Tasks {}
}
