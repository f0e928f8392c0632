export { AnswerDrawing, HowDrawing, PLAIN_YARN, PlaceDrawing, STRIP_PLACES, type SeenStates } from './Drawing'
export { BurnStrip } from './BurnStrip'
export { type DrawnYarn } from '../tabletop/drawnYarn'
