import type { Line, Page, Run } from '../useProof'

/** Where a character stands; nothing for the space that a line's end or a tab stands for. */
export interface Letter {
  line: Line
  run: Run
  index: number
}

/** A paragraph on a page as plain text, each character with its place. */
export interface Letters {
  part: string
  paragraph: number
  text: string
  letters: (Letter | null)[]
}

/** A box on a page; points from the sheet's top left corner. */
export interface Box {
  x: number
  y: number
  width: number
  height: number
}

const kept = new WeakMap<Page, Letters[]>()

/** The paragraphs of a page in reading order, with lower case, straight quotes and single spaces. */
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
  const add = (character: string, letter: Letter | null) => {
    if (current && !(character === ' ' && (current.text === '' || current.text.endsWith(' ')))) {
      current.text += character
      current.letters.push(letter)
    }
  }
  for (const line of page.lines) {
    if (!current || last?.part !== line.part || last.paragraph !== line.paragraph) {
      current = { part: line.part, paragraph: line.paragraph, text: '', letters: [] }
      out.push(current)
    } else if (!/[-\u2010\u2014/]$/.test(current.text)) {
      add(' ', null)
    }
    last = line
    let end = line.x
    for (const run of line.runs) {
      if (run.leader) {
        continue
      }
      if (run.x - end > 1) {
        add(' ', null)
      }
      end = run.x + run.width
      const lower = straight(run.text)
      // A few characters change their length in lower case; those runs are left as they are.
      const text = lower.length === run.text.length ? lower : run.text
      for (let index = 0; index < text.length; index++) {
        add(text.charAt(index), { line, run, index })
      }
    }
  }
  return out
}

/** White wider than this, in points, parts two boxes. */
const WIDE_WHITE = 18

/** The boxes round some letters: one for each line they stand in, and for each side of wide white in it. */
export function boxesOf(letters: (Letter | null)[]): { line: Line; box: Box }[] {
  const out: { line: Line; box: Box }[] = []
  for (const letter of letters) {
    if (!letter) {
      continue
    }
    const { line, run, index } = letter
    const from = run.x + widthOf(run, index)
    const to = run.x + widthOf(run, index + 1)
    const last = out.at(-1)
    if (last?.line === line && from - last.box.x - last.box.width < WIDE_WHITE) {
      last.box.width = to - last.box.x
    } else {
      out.push({
        line,
        box: { x: from, y: line.y - run.size * 0.85, width: to - from, height: run.size * 1.1 },
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
