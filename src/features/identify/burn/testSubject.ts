import { type DrawnYarn } from '@/ui/burn'

/** What is tested: its name, its page, and how its yarn is drawn. */
export interface TestSubject {
  name: string
  href: string
  yarn?: DrawnYarn
}
