// Kills the real server with SIGKILL while clients write and another process holds the lock: nothing acknowledged may
// be lost.
//   npm run kills -- 500 1      so many kills, from that seed
import { bin, ensureBuilt, must } from './lib.mjs'

ensureBuilt()
must('The storm of kills', bin('tsx'), ['tests/storm/kills.ts', ...process.argv.slice(2)])
