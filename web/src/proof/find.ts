import { boxesOf, lettersOf, plain } from './page/letters'
import type { Box } from './page/space'
import type { Page } from './useProof'

/** A place where the words looked for stand. */
export interface Hit {
  page: number
  /** One for each line they stand in. */
  boxes: Box[]
}

const SHORTEST = 2
const MOST = 2000

/** The places of some words in the paper, in reading order; upper case, kinds of quotes and line ends do not matter. */
export function findIn(pages: Page[], words: string): Hit[] {
  const wanted = plain(words)
  const hits: Hit[] = []
  if (wanted.length < SHORTEST) {
    return hits
  }
  for (const page of pages) {
    for (const paragraph of lettersOf(page)) {
      const { text } = paragraph
      for (let at = text.indexOf(wanted); at >= 0; at = text.indexOf(wanted, at + wanted.length)) {
        const boxes = boxesOf(paragraph, at, at + wanted.length).map(({ box }) => box)
        hits.push({ page: page.number, boxes })
        if (hits.length === MOST) {
          return hits
        }
      }
    }
  }
  return hits
}
