import type { Line, Page, Run } from '../useProof'
import type { Box } from './space'

/** Some characters of a paragraph's text that stand beside each other in a run. */
interface Piece {
  /** Where they start in the text, and how many there are. */
  at: number
  length: number
  line: Line
  run: Run
  /** Where they start in the run. */
  index: number
}

/** A paragraph on a page as plain text, with where its characters stand. */
export interface Letters {
  part: string
  paragraph: number
  text: string
  /** In order; a space that a line's end or a tab stands for belongs to none. */
  pieces: Piece[]
}

const kept = new WeakMap<Page, Letters[]>()

/** The paragraphs of a page in reading order, in lower case with straight quotes and single spaces. */
export function lettersOf(page: Page): Letters[] {
  let found = kept.get(page)
  if (!found) {
    found = read(page)
    kept.set(page, found)
  }
  return found
}

/** The same form for words that are to be found in it. */
export function plain(text: string): string {
  return straight(text).replace(/\s+/g, ' ').trim()
}

function straight(text: string): string {
  return text
    .toLowerCase()
    .replace(/[\u2018\u2019]/g, "'")
    .replace(/[\u201c\u201d]/g, '"')
    .replace(/[\u00a0\t]/g, ' ')
}

function read(page: Page): Letters[] {
  const out: Letters[] = []
  let current: Letters | undefined
  let last: Line | undefined
  for (const line of page.lines) {
    if (!current || last?.part !== line.part || last.paragraph !== line.paragraph) {
      current = { part: line.part, paragraph: line.paragraph, text: '', pieces: [] }
      out.push(current)
    } else if (!/[-\u2010\u2014/]$/.test(current.text)) {
      addSpace(current)
    }
    last = line
    let end = line.x
    for (const run of line.runs) {
      if (run.leader) {
        continue
      }
      if (run.x - end > 1) {
        addSpace(current)
      }
      end = run.x + run.width
      addRun(current, line, run)
    }
  }
  return out
}

function addSpace(to: Letters) {
  if (to.text !== '' && !to.text.endsWith(' ')) {
    to.text += ' '
  }
}

/** Adds the characters of a run; of several spaces in a row the first stands for all. */
function addRun(to: Letters, line: Line, run: Run) {
  const lower = straight(run.text)
  // A few characters change their length in lower case; those runs are left as they are.
  const text = lower.length === run.text.length ? lower : run.text
  for (const { 0: words, index } of text.matchAll(/ +|[^ ]+( [^ ]+)*/g)) {
    if (!words.startsWith(' ')) {
      to.pieces.push({ at: to.text.length, length: words.length, line, run, index })
      to.text += words
    } else if (to.text !== '' && !to.text.endsWith(' ')) {
      to.pieces.push({ at: to.text.length, length: 1, line, run, index })
      to.text += ' '
    }
  }
}

/** White wider than this, in points, parts two boxes. */
const WIDE_WHITE = 18

/** The boxes round some characters: one for each line they stand in, and for each side of wide white in it. */
export function boxesOf(paragraph: Letters, from: number, to: number): { line: Line; box: Box }[] {
  const out: { line: Line; box: Box }[] = []
  for (const { at, length, line, run, index } of paragraph.pieces) {
    const first = Math.max(from, at)
    const end = Math.min(to, at + length)
    if (first >= end) {
      continue
    }
    const left = run.x + widthOf(run, index + first - at)
    const right = run.x + widthOf(run, index + end - at)
    const last = out.at(-1)
    if (last?.line === line && left - last.box.x - last.box.width < WIDE_WHITE) {
      last.box.width = right - last.box.x
    } else {
      out.push({
        line,
        box: { x: left, y: line.y - run.size * 0.85, width: right - left, height: run.size * 1.1 },
      })
    }
  }
  return out
}

let context: CanvasRenderingContext2D | null | undefined

/** Width of a run's first characters in points, measured in its face where the browser can. */
function widthOf(run: Run, characters: number): number {
  context ??=
    typeof OffscreenCanvas === 'undefined' ? null : document.createElement('canvas').getContext('2d')
  if (context) {
    context.font = `100px '${run.face}'`
    context.fontKerning = 'none'
    const all = context.measureText(run.text).width
    if (all > 0) {
      return (context.measureText(run.text.slice(0, characters)).width / all) * run.width
    }
  }
  return (characters / run.text.length) * run.width
}
