import { readDrawing, type DrawingAsked } from '../../core/formats/readDrawing'
import { NoOutlines, type FoundOutlines } from '../../core/outlines/types'

export interface ReadOutlinesTask {
  text: string
  asked: DrawingAsked
}

/** The pieces of a drawing, or in words why there are none, and what the person is asked for. */
export type OutlinesOutcome = { found: FoundOutlines } | { refused: { message: string; asks?: 'unit' } }

/** Reads a drawing: a large one takes a second, which no page should wait for. */
export function readOutlines({ text, asked }: ReadOutlinesTask): Promise<OutlinesOutcome> {
  return Promise.resolve(outcomeOf(text, asked))
}

function outcomeOf(text: string, asked: DrawingAsked): OutlinesOutcome {
  try {
    return { found: readDrawing(text, asked) }
  } catch (error) {
    if (!(error instanceof NoOutlines)) throw error
    return { refused: { message: error.message, ...(error.asks && { asks: error.asks }) } }
  }
}
