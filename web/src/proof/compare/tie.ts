import { lettersOf } from '../page/letters'
import type { Layout } from '../useProof'
import { GAP } from '../zoom'

/** A paragraph of the text as it stands in a layout. */
interface Standing {
  /** How it opens, and how many before it open so: the same paragraph has the same key in both layouts. */
  key: string
  /** Where its lines stand: page counted from 0, and points from the sheet's upper edge. */
  lines: { page: number; top: number }[]
}

/** A place in a paper's content that two layouts share. */
export interface Place {
  key: string
  /** Rank of the paragraph, for a layout that does not hold it. */
  rank: number
  /** How far into the paragraph, from 0 to 1. */
  part: number
  /** How far above the line's top the window's edge stands, in points. */
  before: number
}

const OPENING = 24

const kept = new WeakMap<Layout, Standing[]>()

/** The paragraphs of the text that hold words. */
function paragraphsOf(layout: Layout): Standing[] {
  let found = kept.get(layout)
  if (!found) {
    found = read(layout)
    kept.set(layout, found)
  }
  return found
}

function read(layout: Layout): Standing[] {
  const out: Standing[] = []
  const counts = new Map<string, number>()
  let last = -1
  layout.pages.forEach((page, index) => {
    for (const { part, paragraph, text } of lettersOf(page)) {
      if (part !== 'text' || text === '') {
        continue
      }
      if (paragraph !== last) {
        const opening = text.slice(0, OPENING)
        const count = counts.get(opening) ?? 0
        counts.set(opening, count + 1)
        out.push({ key: `${opening}#${count}`, lines: [] })
        last = paragraph
      }
      const lines = page.lines.filter((line) => line.part === part && line.paragraph === paragraph)
      out.at(-1)?.lines.push(...lines.map((line) => ({ page: index, top: line.top })))
    }
  })
  return out
}

/** Where a page starts in a column of pages, in pixels. */
function startOf(layout: Layout, index: number, scale: number): number {
  return layout.pages.slice(0, index).reduce((y, page) => y + page.height * scale + GAP, GAP)
}

/** The first line of the text from a scroll position on. */
export function placeAt(layout: Layout, scrollTop: number, scale: number): Place | undefined {
  const starts = layout.pages.map((_, index) => startOf(layout, index, scale))
  const paragraphs = paragraphsOf(layout)
  for (const [rank, { key, lines }] of paragraphs.entries()) {
    for (const [number, line] of lines.entries()) {
      const below = (starts[line.page] ?? 0) + line.top * scale - scrollTop
      if (below >= 0) {
        return { key, rank, part: number / lines.length, before: below / scale }
      }
    }
  }
  return undefined
}

/** The scroll position at which a place stands in another layout as it does in its own. */
export function scrollTo(layout: Layout, place: Place, scale: number): number {
  const paragraphs = paragraphsOf(layout)
  const same = paragraphs.find((each) => each.key === place.key)
  const paragraph = same ?? paragraphs[Math.min(place.rank, paragraphs.length - 1)]
  const line = paragraph?.lines[Math.floor(place.part * paragraph.lines.length)]
  return line ? Math.max(0, startOf(layout, line.page, scale) + (line.top - place.before) * scale) : 0
}
