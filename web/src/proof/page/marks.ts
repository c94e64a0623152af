import type { Line, Page, Place, Reading } from '../useProof'
import { boxesOf, type Letters, lettersOf, plain } from './letters'
import { AT_EDGE, noteOf, ON_WORDS, type Sign } from './signs'
import type { Box } from './space'
import type { Dimension } from './strokes'

/** A mark on a page: a sign at some words or a line. */
export interface Mark extends Box {
  key: string
  reading: string
  place: number
  sign: Sign
  /** Whether the box is that of the very words that are meant, and not of the line they stand in. */
  exact: boolean
  /** Whether a dimension line shows it at this very line. */
  drawn: boolean
  /** Whether the writer lets it stand: then a dotted line under the words replaces the sign. */
  stet: boolean
  /** What to do; empty where a dimension line of the page says it. */
  note: string
  /** The same for those who do not see the page: the reading, what to do, and where. */
  said: string
  /** The height at which its note belongs. */
  level: number
  /** For an edge that is to move: by how much, in points. */
  move?: { x: number; y: number }
}

const POINTS_PER_TWIP = 1 / 20
/** An edge that moves by less is still drawn moving by this. */
const SHORTEST_MOVE = 9

/**
 * The marks of some findings on a page from top to bottom.
 *
 * @param dimensions what is measured on the page, which says some of them already
 */
export function marksOn(page: Page, readings: Reading[], dimensions: Dimension[]): Mark[] {
  const marks: Mark[] = []
  for (const reading of readings) {
    reading.places.forEach((place, index) => {
      if (reading.off && place.page === page.number) {
        const sign = reading.sign as Sign
        const found = spotOf(page, reading, place, sign)
        if (found) {
          marks.push(markOf(reading, index, sign, found, dimensions))
        }
      }
    })
  }
  marks.sort((one, other) => one.level - other.level)
  shareSigns(marks)
  return marks
}

/** Signs at the edge that would stand over each other are one sign: that of the first. */
function shareSigns(marks: Mark[]) {
  const placed: Mark[] = []
  for (const mark of marks.filter((each) => AT_EDGE.has(each.sign) && !each.stet)) {
    const first = placed.find(({ y, height }) => y < mark.y + mark.height && mark.y < y + height)
    if (first) {
      mark.sign = first.sign
      mark.y = first.y
      mark.height = first.height
    } else {
      placed.push(mark)
    }
  }
}

function markOf(reading: Reading, place: number, sign: Sign, found: Spot, dimensions: Dimension[]): Mark {
  const note = reading.stet === undefined ? noteOf(reading) : 'stet'
  const quote = reading.places[place]?.quote ?? ''
  const { box, exact } = found
  const own = dimensions.filter((each) => each.reading === reading.key)
  const mark: Mark = {
    ...box,
    key: `${reading.key}#${place}`,
    reading: reading.key,
    place,
    sign,
    exact,
    drawn: dimensions.some(
      ({ y1, y2, x2 }) => y1 === y2 && x2 <= box.x + 3 && y1 > box.y - 6 && y1 < box.y + box.height + 6,
    ),
    stet: reading.stet !== undefined,
    note: sign === 'move-edge' && own.length > 0 && reading.stet === undefined ? '' : note,
    said: `${reading.name}: ${note}${quote ? `, at ${quote}` : ''}`,
    level: box.y + box.height * 0.75,
  }
  return sign === 'move-edge' ? { ...mark, move: moveOf(reading) } : mark
}

// ---- where a mark stands

interface Spot {
  box: Box
  exact: boolean
}

function spotOf(page: Page, reading: Reading, place: Place, sign: Sign): Spot | undefined {
  const of = (box: Box): Spot => ({ box, exact: false })
  if (place.paragraph < 0) {
    return of(
      sign === 'move-edge'
        ? edgeOf(page, reading)
        : place.part === 'header'
          ? { x: page.right, y: page.headerDistance, width: 0, height: 14 }
          : { x: page.right, y: page.top - 26, width: 0, height: 12 },
    )
  }
  const own = page.lines.filter((line) => line.part === place.part && line.paragraph === place.paragraph)
  const letters = lettersOf(page).find(
    (each) => each.part === place.part && each.paragraph === place.paragraph,
  )
  const words = letters && wordsIn(letters, place.quote, sign)
  const line = words?.line ?? own[0]
  if (!line) {
    return undefined
  }
  if (words && ON_WORDS.has(sign)) {
    return { box: words.box, exact: true }
  }
  if (sign === 'close-up' || sign === 'pitch') {
    return of(whiteAt(reading.edge, sign, line, own))
  }
  const size = line.runs[0]?.size ?? 12
  return of({ x: line.x, y: line.y - size * 0.95, width: line.width, height: size * 1.2 })
}

/** The box of the quoted words, or for a gap of the first white among them, in the line they start in. */
function wordsIn(paragraph: Letters, quote: string, sign: Sign) {
  const words = plain(quote.replace(/…$/, ''))
  const at = words === '' ? -1 : paragraph.text.indexOf(words)
  if (at < 0) {
    return undefined
  }
  const space = paragraph.text.indexOf(' ', at)
  const gap = sign === 'close-gap' && space > at && space < at + words.length
  const found = boxesOf(paragraph, at, gap ? space : at + words.length)[0]
  const after = gap ? boxesOf(paragraph, space + 1, space + 2)[0] : undefined
  if (found && after && after.line === found.line) {
    const from = found.box.x + found.box.width
    return { line: found.line, box: { ...found.box, x: from, width: after.box.x - from } }
  }
  return found
}

/** Where white is to be closed up or measured: after a paragraph's last line, before its first, or between two lines. */
function whiteAt(edge: string, sign: Sign, line: Line, own: Line[]): Box {
  const { x, width } = line
  const last = own.at(-1) ?? line
  if (sign === 'pitch') {
    const next = own.find((each) => each.number === line.number + 1 && each.y > line.y)
    return { x, width, y: line.y - 3, height: next ? next.y - line.y : line.height * 0.8 }
  }
  if (edge === 'after' && last.runs.length > 0) {
    return { x: last.x, width: last.width, y: last.top + last.height - 7, height: 14 }
  }
  if (edge === 'before') {
    return { x, width, y: line.top - 7, height: 14 }
  }
  return { x, width, y: line.top + 1, height: Math.max(12, line.height - 2) }
}

/** The edge of the text or the header that a reading of the sheet is about. */
function edgeOf(page: Page, reading: Reading): Box {
  const acrossX = page.left + (page.right - page.left) * 0.62
  switch (reading.edge) {
    case 'left':
      return { x: page.left - 3, y: page.top + 6, width: 0, height: 24 }
    case 'right':
      return { x: page.right + 3, y: page.top + 6, width: 0, height: 24 }
    case 'top':
      return { x: acrossX, y: page.top, width: 24, height: 0 }
    case 'bottom':
      return { x: acrossX, y: page.bottom, width: 24, height: 0 }
    default:
      return { x: acrossX + 60, y: page.headerDistance, width: 24, height: 0 }
  }
}

/** How an edge is to move, drawn no shorter than can be seen. */
function moveOf(reading: Reading): { x: number; y: number } {
  const is = reading.is.twips ?? 0
  const asked = reading.asked.twips ?? is
  const points = (asked - is) * POINTS_PER_TWIP
  const shown = Math.sign(points) * Math.max(SHORTEST_MOVE, Math.abs(points))
  switch (reading.edge) {
    case 'left':
      return { x: shown, y: 0 }
    case 'right':
      return { x: -shown, y: 0 }
    case 'bottom':
      return { x: 0, y: -shown }
    default:
      return { x: 0, y: shown }
  }
}
