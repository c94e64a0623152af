import { diffWordsWithSpace } from 'diff'

/** Some words, and whether they differ from those on the other side. */
export interface Piece {
  text: string
  differs: boolean
}

/** So many words that are the same on both sides are shown beside those that differ. */
const CONTEXT = 4
const LONGEST = 90

/** What stands on either side, those words left out that are the same and far from any that differ. */
export function difference(before: string, after: string): { before: Piece[]; after: Piece[] } {
  const out: { before: Piece[]; after: Piece[] } = { before: [], after: [] }
  const all = diffWordsWithSpace(before, after)
  all.forEach(({ value, added, removed }, index) => {
    if (added || removed) {
      ;(added ? out.after : out.before).push({ text: value, differs: true })
    } else {
      const text = shortened(value, index === 0, index === all.length - 1)
      out.before.push({ text, differs: false })
      out.after.push({ text, differs: false })
    }
  })
  return out
}

function shortened(text: string, first: boolean, last: boolean): string {
  const words = text.split(/(?<=\s)/)
  const [ahead, behind] = [first ? 0 : CONTEXT, last ? 0 : CONTEXT]
  if (words.length <= ahead + behind + 3) {
    return text
  }
  return `${words.slice(0, ahead).join('')}… ${words.slice(words.length - behind).join('')}`
}

/** The start of a text that is shown only to be known again. */
export function cut(text: string): string {
  return text.length <= LONGEST ? text : `${text.slice(0, LONGEST)}…`
}
