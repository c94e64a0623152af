import { lettersOf } from '../page/letters'
import type { Line, Page } from '../useProof'
import type { Layout } from '../allPages'

/** A stretch down a page at which the other proof is set otherwise, in points. */
export interface Bar {
  x: number
  y1: number
  y2: number
}

export type Bars = ReadonlyMap<number, Bar[]>

/** A bar stands this far from the text. */
const BESIDE = 7

interface Set {
  page: Page
  lines: Line[]
  text: string
  look: string
}

/**
 * The paragraphs that look otherwise in the other proof, or stand in it in other words or not at all. Where its lines
 * and pages end is no difference: that follows from others.
 */
export function differences(before: Layout, after: Layout): { before: Bars; after: Bars } {
  const one = paragraphsOf(before)
  const other = paragraphsOf(after)
  return { before: barsOf(one, looksOf(other)), after: barsOf(other, looksOf(one)) }
}

function paragraphsOf({ pages }: Layout): Set[] {
  return pages.flatMap((page) =>
    lettersOf(page)
      .filter(({ text }) => text.trim() !== '')
      .map(({ part, paragraph, text }) => {
        const lines = page.lines.filter((line) => line.part === part && line.paragraph === paragraph)
        return { page, lines, text: `${part} ${text}`, look: lookOf(lines) }
      }),
  )
}

/** What a paragraph looks like, apart from where its lines end. */
function lookOf(lines: Line[]): string {
  const [first, second] = lines
  const faces = lines.flatMap(({ runs }) =>
    runs
      .filter(({ text }) => text.trim() !== '')
      .map((run) => `${run.face} ${run.size} ${run.colour ?? ''} ${run.underlined ?? ''}`),
  )
  const indent = first && first.number === 0 ? Math.round(first.x - first.left) : 0
  const pitch = Math.round(first && second ? second.y - first.y : (first?.height ?? 0))
  return [indent, pitch, ...new Set(faces)].join('|')
}

/** The looks of each text, the pieces of a paragraph on two pages told by their own words. */
function looksOf(paragraphs: Set[]): Map<string, string[]> {
  const out = new Map<string, string[]>()
  for (const { text, look } of paragraphs) {
    out.set(text, [...(out.get(text) ?? []), look])
  }
  return out
}

function barsOf(paragraphs: Set[], others: Map<string, string[]>): Bars {
  const out = new Map<number, Bar[]>()
  for (const { page, lines, text, look } of paragraphs) {
    const [first, last] = [lines[0], lines.at(-1)]
    if (first && last && !others.get(text)?.includes(look)) {
      const bar = { x: Math.max(3, first.left - BESIDE), y1: first.top, y2: last.top + last.height }
      out.set(page.number, [...(out.get(page.number) ?? []), bar])
    }
  }
  return out
}
