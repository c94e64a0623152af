import type { Reading } from '../useProof'

/** The sign a corrector would draw, each for one kind of correction (after ISO 5776). */
export type Sign =
  | 'roman'
  | 'italic'
  | 'ring'
  | 'close-up'
  | 'close-gap'
  | 'move-right'
  | 'move-left'
  | 'centre'
  | 'ragged'
  | 'run-on'
  | 'new-paragraph'
  | 'new-page'
  | 'pitch'
  | 'take-out'
  | 'replace'
  | 'move-edge'
  | 'page'

/** Signs drawn on the very words they mean; the others stand at the line. */
export const ON_WORDS: ReadonlySet<Sign> = new Set<Sign>([
  'roman',
  'italic',
  'ring',
  'take-out',
  'replace',
  'close-gap',
])

/** Signs drawn along the right edge of the text, beside each other where one line has several. */
export const AT_EDGE: ReadonlySet<Sign> = new Set<Sign>(['close-up', 'ragged', 'pitch'])

const LONGEST_NOTE = 40

/** What to do, in as few words as a margin holds. */
export function noteOf({ note }: Reading): string {
  return note.length > LONGEST_NOTE ? `${note.slice(0, LONGEST_NOTE - 1)}…` : note
}
