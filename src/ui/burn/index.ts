export { AnswerDrawing, HowDrawing, PLAIN_YARN, STRIP_PLACES, type Seen } from './Drawing'
export { BurnStrip } from './BurnStrip'
export { type Yarn } from './scenes'
