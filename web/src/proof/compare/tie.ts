import type { Layout, Page } from '../useProof'
import { GAP } from '../zoom'

/** A place in a paper's content that two layouts share. */
interface Place {
  part: string
  paragraph: number
  number: number
  /** How far above the line's top the window's edge stands, in points. */
  before: number
}

/** Where a page starts in a column of pages, in pixels. */
function startOf(layout: Layout, index: number, scale: number): number {
  let y = GAP
  for (let i = 0; i < index; i++) {
    y += (layout.pages[i]?.height ?? 0) * scale + GAP
  }
  return y
}

/** The first line of the text from a scroll position on. */
export function placeAt(layout: Layout, scrollTop: number, scale: number): Place | undefined {
  let y = GAP
  for (const page of layout.pages) {
    const height = page.height * scale
    if (y + height >= scrollTop) {
      const top = (scrollTop - y) / scale
      const line = page.lines.find((each) => each.part === 'text' && each.top >= top)
      if (line) {
        return {
          part: line.part,
          paragraph: line.paragraph,
          number: line.number,
          before: line.top - top,
        }
      }
    }
    y += height + GAP
  }
  return undefined
}

/** The scroll position at which a place stands in another layout as it does in its own. */
export function scrollTo(layout: Layout, place: Place, scale: number): number {
  let best: { page: number; top: number; distance: number } | undefined
  layout.pages.forEach((page: Page, index) => {
    for (const line of page.lines) {
      if (line.part !== place.part) {
        continue
      }
      const distance =
        Math.abs(line.paragraph - place.paragraph) * 1000 + Math.abs(line.number - place.number)
      if (!best || distance < best.distance) {
        best = { page: index, top: line.top, distance }
      }
    }
  })
  return best ? Math.max(0, startOf(layout, best.page, scale) + (best.top - place.before) * scale) : 0
}
