import { z } from 'zod'

/** Anything that a person can see. */
const VISIBLE = /[\p{L}\p{N}\p{P}\p{S}]/u
/** What no page can show: control characters but for tabs and ends of lines, and halves of a character. */
const NOT_TEXT = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]|\p{Surrogate}/u

/** Text of at most so many characters; trimmed, and nothing in it that cannot be shown. */
const text = (most: number) =>
  z
    .string()
    .trim()
    .max(most, { error: `Please use ${most} characters at most.`, abort: true })
    .refine((value) => !NOT_TEXT.test(value), 'One of the characters can’t be shown.')

/** Text that may be left out; trimmed. */
export const optionalText = (most: number) => text(most).default('')

/** What a person calls a thing; it has to be there. */
export const nameText = text(80).refine((value) => VISIBLE.test(value), 'Please enter a name.')

/** A word or two that a piece is found by. */
export const tagText = text(30).refine((value) => VISIBLE.test(value), 'A tag can’t be empty.')

/** An id over a vocabulary, before it is looked up. */
export const idText = z.string().max(60, { error: 'That is longer than any id.', abort: true })

/** A list that is looked at only where it is no longer than it may be. */
export const listOf = <T extends z.ZodType>(item: T, most: number, error = `Please use ${most} of these at most.`) =>
  z.array(item).max(most, { error, abort: true })
