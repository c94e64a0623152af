import type { Line, Page, Run } from './useProof'

/** A place where the words looked for stand. */
export interface Hit {
  page: number
  /** One for each line they stand in; points from the sheet's top left corner. */
  boxes: { x: number; y: number; width: number; height: number }[]
}

interface Letter {
  line: Line
  run: Run
  index: number
}

const SHORTEST = 2
const MOST = 2000

/** The places of some words in the paper, in reading order; upper case, kinds of quotes and line ends do not matter. */
export function findIn(pages: Page[], words: string): Hit[] {
  const wanted = plain(words.trim().replace(/\s+/g, ' '))
  const hits: Hit[] = []
  if (wanted.length < SHORTEST) {
    return hits
  }
  for (const page of pages) {
    for (const { text, letters } of paragraphsOf(page)) {
      for (let at = text.indexOf(wanted); at >= 0; at = text.indexOf(wanted, at + wanted.length)) {
        hits.push({ page: page.number, boxes: boxesOf(letters.slice(at, at + wanted.length)) })
        if (hits.length === MOST) {
          return hits
        }
      }
    }
  }
  return hits
}

function plain(text: string): string {
  return text
    .toLowerCase()
    .replace(/[\u2018\u2019]/g, "'")
    .replace(/[\u201c\u201d]/g, '"')
    .replace(/\u00a0/g, ' ')
}

/** The text of each paragraph on a page, and for each of its characters where it stands. */
function paragraphsOf(page: Page): { text: string; letters: (Letter | null)[] }[] {
  const out: { text: string; letters: (Letter | null)[] }[] = []
  let current: { text: string; letters: (Letter | null)[] } | undefined
  let last: Line | undefined
  for (const line of page.lines) {
    if (!current || last?.part !== line.part || last.paragraph !== line.paragraph) {
      current = { text: '', letters: [] }
      out.push(current)
    } else if (current.text !== '' && !/[-\u2010\u2014/]$/.test(current.text)) {
      current.text += ' '
      current.letters.push(null)
    }
    last = line
    for (const run of line.runs) {
      if (run.leader) {
        continue
      }
      const lower = plain(run.text)
      // A few characters change their length in lower case; those runs are left as they are.
      current.text += lower.length === run.text.length ? lower : run.text
      for (let index = 0; index < run.text.length; index++) {
        current.letters.push({ line, run, index })
      }
    }
  }
  return out
}

function boxesOf(letters: (Letter | null)[]): Hit['boxes'] {
  const boxes: Hit['boxes'] = []
  let line: Line | undefined
  for (const letter of letters) {
    if (!letter) {
      continue
    }
    const { run, index } = letter
    const from = run.x + widthOf(run, index)
    const to = run.x + widthOf(run, index + 1)
    const box = boxes.at(-1)
    if (box && line === letter.line) {
      box.width = to - box.x
    } else {
      boxes.push({ x: from, y: letter.line.y - run.size * 0.85, width: to - from, height: run.size * 1.1 })
      line = letter.line
    }
  }
  return boxes
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
