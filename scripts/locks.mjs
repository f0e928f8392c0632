// Writes while another process holds the notebook's lock at random: nothing acknowledged may be lost.
//   npm run locks -- 2000 6000      so many writes, held for up to so many milliseconds
import { bin, must } from './lib.mjs'

must('The storm of locks', bin('tsx'), ['tests/storm/locks.ts', ...process.argv.slice(2)])
