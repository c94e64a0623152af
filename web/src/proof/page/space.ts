import type { Page } from '../useProof'

/** A box on a page; points from the sheet's top left corner. */
export interface Box {
  x: number
  y: number
  width: number
  height: number
}

/** How far letters reach above their baseline and below it, in parts of their size. */
const ABOVE = 0.78
const BELOW = 0.24
/** About the width of a space: those before a line are white. */
const SPACE = 0.25
/** What is set on a page keeps this distance from the sheet's edges. */
const EDGE = 3
/** Runs that stand nearer to each other than this are one obstacle. */
const NEAR = 6

export function overlap(one: Box, other: Box): boolean {
  return (
    one.x < other.x + other.width &&
    other.x < one.x + one.width &&
    one.y < other.y + other.height &&
    other.y < one.y + one.height
  )
}

function isLevel({ width, height }: Box): boolean {
  return width > height
}

/** Where on a page there is room left: nothing is set over words, over what was set before, or beyond the sheet. */
export class Space {
  /** Words, pictures and labels, which nothing crosses. */
  private readonly taken: Box[]
  /** Lines, which may cross each other and no label. */
  private readonly lines: Box[] = []
  private readonly width: number
  private readonly height: number

  constructor(page: Page) {
    this.width = page.width
    this.height = page.height
    this.taken = wordsOf(page)
    for (const picture of page.pictures) {
      this.take(picture)
    }
  }

  /** Whether a box lies on the sheet and over nothing, no line either. */
  isFree(box: Box): boolean {
    return (
      box.x >= EDGE &&
      box.y >= EDGE &&
      box.x + box.width <= this.width - EDGE &&
      box.y + box.height <= this.height - EDGE &&
      !this.taken.some((each) => overlap(each, box)) &&
      !this.lines.some((each) => overlap(each, box))
    )
  }

  /** Whether the room round a line lies over no words, and over no line that runs the same way. */
  isClearForLine(room: Box): boolean {
    return (
      !this.taken.some((each) => overlap(each, room)) &&
      !this.lines.some((each) => isLevel(each) === isLevel(room) && overlap(each, room))
    )
  }

  take(box: Box) {
    this.taken.push(box)
  }

  takeLine(room: Box) {
    this.lines.push(room)
  }
}

/** The boxes words stand in: of each line one, or several where wide white parts them. */
function wordsOf(page: Page): Box[] {
  const out: Box[] = []
  for (const line of page.lines) {
    let last: Box | undefined
    for (const run of line.runs) {
      const y = line.y - run.size * ABOVE
      const foot = line.y + run.size * BELOW
      const spaces = run.text.length - run.text.trimStart().length
      if (run.width <= 0 || spaces === run.text.length) {
        continue
      }
      const x = run.x + Math.min(run.width, spaces * run.size * SPACE)
      if (last && x - last.x - last.width < NEAR) {
        last.width = run.x + run.width - last.x
        last.height = Math.max(last.y + last.height, foot) - Math.min(last.y, y)
        last.y = Math.min(last.y, y)
      } else {
        last = { x, y, width: run.x + run.width - x, height: foot - y }
        out.push(last)
      }
    }
  }
  return out
}
