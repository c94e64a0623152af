import type { Page } from '../useProof'
import type { Mark } from './marks'
import { AT_EDGE } from './signs'
import type { Box, Space } from './space'

/** What the margin says of the marks at one line: their notes, or where there is no room for them how many there are. */
export interface Slip {
  key: string
  marks: Mark[]
  /** Whether only the number of marks is shown. */
  folded: boolean
  /** The notes, each with the mark it is of, in lines that the margin holds. */
  lines: { mark: Mark; text: string }[]
  /** Left end of the notes, and the baseline of the first; for a folded slip the middle of its number. */
  x: number
  y: number
  /** Where the hair line starts that leads to a slip which stands lower than its line; none where it does not. */
  from?: { x: number; y: number }
}

/** Notes at heights nearer than this belong to one slip. */
const ONE_LINE = 7
/** A slip holds no more lines than this. */
const MOST_LINES = 3
/** A slip that would stand farther below its line than this makes those above it fold. */
const FARTHEST = 34
/** Room for the signs at the edge of the text. */
const SIGNS = 14
/** About the width of a letter of a note, and its line's height, in parts of the size. */
const LETTER = 0.47
export const NOTE_LINE = 1.12
/** The number of a folded slip stands in a ring of this many sizes across. */
export const RING = 1.25

/**
 * Sets the notes of a page's marks in its right margin, none over another, over words or beyond the sheet. Where the
 * margin is too narrow or too full, a slip folds into the number of its marks.
 *
 * @param size of the notes, in points
 */
export function slipsOn(page: Page, marks: Mark[], size: number, space: Space): Slip[] {
  let groups = groupsOf(marks.filter(({ note }) => note !== ''))
  const left = page.right + SIGNS
  const letters = Math.floor((page.width - left - 3) / (size * LETTER))
  const folded = new Set<Mark[]>()
  for (const group of groups) {
    const lines = linesOf(group, letters)
    if (lines.length > MOST_LINES || lines.some(({ text }) => text.length > letters)) {
      folded.add(group)
    }
  }
  for (;;) {
    const { slips, crowded } = set(groups, folded, left, letters, size, space, page)
    if (crowded < 0) {
      return slips
    }
    // The fullest slip at or above the one that was pushed too far down folds; then neighbours become one.
    const open = groups.slice(0, crowded + 1).filter((group) => !folded.has(group))
    const fullest = open.sort((one, other) => other.length - one.length)[0]
    if (fullest) {
      folded.add(fullest)
    } else if (crowded > 0) {
      const joined = [...(groups[crowded - 1] ?? []), ...(groups[crowded] ?? [])]
      groups = [...groups.slice(0, crowded - 1), joined, ...groups.slice(crowded + 1)]
      folded.add(joined)
    } else {
      // Not even a number has room there; the order of work tells of it.
      groups = groups.slice(1)
    }
  }
}

function groupsOf(marks: Mark[]): Mark[][] {
  const groups: Mark[][] = []
  for (const mark of marks) {
    const last = groups.at(-1)
    if (last?.[0] && mark.level - last[0].level < ONE_LINE) {
      last.push(mark)
    } else {
      groups.push([mark])
    }
  }
  return groups
}

/** The notes of a group in lines; what several marks say in the same words is said once. */
function linesOf(group: Mark[], letters: number): { mark: Mark; text: string }[] {
  const said = new Set<string>()
  return group.flatMap((mark) => {
    if (said.has(mark.note)) {
      return []
    }
    said.add(mark.note)
    return wrap(mark.note, letters).map((text) => ({ mark, text }))
  })
}

/** Sets slips from top to bottom; answers with the first that stands too far from its line, or -1. */
function set(
  groups: Mark[][],
  folded: ReadonlySet<Mark[]>,
  left: number,
  letters: number,
  size: number,
  space: Space,
  page: Page,
): { slips: Slip[]; crowded: number } {
  const slips: Slip[] = []
  let lowest = 0
  for (const [index, group] of groups.entries()) {
    const first = group[0]
    if (!first) {
      continue
    }
    const isFolded = folded.has(group)
    const lines = linesOf(group, letters)
    const height = isFolded ? size * RING : lines.length * size * NOTE_LINE
    const width = isFolded ? size * RING : Math.max(...lines.map(({ text }) => text.length)) * size * LETTER
    const boxAt = (top: number): Box => ({ x: left, y: top, width, height })
    const wanted = first.level - size * 0.8
    let top = Math.max(wanted, lowest + 1)
    while (top + height < page.height && !space.isFree(boxAt(top))) {
      top += 3
    }
    if (top - wanted > FARTHEST || top + height >= page.height - 2) {
      return { slips, crowded: index }
    }
    lowest = top + height
    const y = isFolded ? top + height / 2 : top + size * 0.8
    const apart = top - wanted > 2 || !group.some(({ sign, stet }) => AT_EDGE.has(sign) && !stet)
    slips.push({
      key: first.key,
      marks: group,
      folded: isFolded,
      lines,
      x: isFolded ? left + width / 2 : left,
      y,
      ...(apart && { from: { x: page.right + 4, y: first.level - size * 0.3 } }),
    })
  }
  return { slips, crowded: -1 }
}

/** A note cut into lines that a margin holds. */
function wrap(note: string, letters: number): string[] {
  const lines: string[] = []
  for (const word of note.split(' ')) {
    const last = lines.at(-1)
    if (last !== undefined && last.length + 1 + word.length <= letters) {
      lines[lines.length - 1] = `${last} ${word}`
    } else {
      lines.push(word)
    }
  }
  return lines
}
