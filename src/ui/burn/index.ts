export { AnswerDrawing, HowDrawing, PLAIN_YARN, STRIP_PLACES, type SeenStates } from './Drawing'
export { BurnStrip } from './BurnStrip'
export { type DrawnYarn } from '../tabletop/drawnYarn'
