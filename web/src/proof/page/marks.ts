import type { Units } from '../../ui/settings'
import { POINTS_PER_TWIP } from '../units'
import type { Line, Page, Place, Reading } from '../useProof'
import { type Box, boxesOf, type Letters, lettersOf, plain } from './letters'
import { AT_EDGE, noteOf, ON_WORDS, type Sign } from './signs'

/** A mark on a page: a sign at some words or a line, and an italic note in the margin. */
export interface Mark extends Box {
  key: string
  reading: string
  place: number
  sign: Sign
  /** Whether the writer lets it stand: then a dotted line under the words replaces the sign. */
  stet: boolean
  /** What to do, as it stands in the margin, in lines that the margin holds. */
  note: string[]
  /** The same for those who do not see the page: the reading, what to do, and where. */
  said: string
  /** Left end of the note, and the baseline of its first line. */
  noteX: number
  noteY: number
  /** How many other signs of its kind stand at the same line already; each is drawn a little further out. */
  lane: number
  /** For an edge that is to move: by how much, in points. */
  move?: { x: number; y: number }
}

export const NOTE_PITCH = 10.5
/** Signs at one line stand this far from each other. */
export const LANE = 7
/** About the width of a letter of a note, in points. */
const LETTER = 4.3
const NOTE_INDENT = 9
/** An edge that moves by less is still drawn moving by this. */
const SHORTEST_MOVE = 9

/** The marks of some findings on a page from top to bottom, moved apart where they would touch. */
export function marksOn(page: Page, readings: Reading[], units: Units): Mark[] {
  const marks: Mark[] = []
  for (const reading of readings) {
    reading.places.forEach((place, index) => {
      if (reading.off && place.page === page.number) {
        const sign = reading.sign as Sign
        const box = spotOf(page, reading, place, sign)
        if (box) {
          marks.push(markOf(page, reading, index, sign, box, units))
        }
      }
    })
  }
  marks.sort((one, other) => one.noteY - other.noteY)
  setLanes(marks)
  setNotes(page, marks)
  return marks
}

/** Draws signs that would stand over each other further out: those at the edge, and rings round the same words. */
function setLanes(marks: Mark[]) {
  for (const of of [AT_EDGE, ON_WORDS]) {
    const placed: Mark[] = []
    for (const mark of marks.filter((each) => of.has(each.sign))) {
      const taken = placed.filter((each) => overlap(each, mark, of === ON_WORDS)).map((each) => each.lane)
      while (taken.includes(mark.lane)) {
        mark.lane++
      }
      placed.push(mark)
    }
  }
}

function overlap(one: Box, other: Box, across: boolean): boolean {
  return (
    one.y < other.y + other.height &&
    other.y < one.y + one.height &&
    (!across || (one.x < other.x + other.width && other.x < one.x + one.width))
  )
}

/** Sets the notes that stand in the right margin beyond the signs there, one below the other. */
function setNotes(page: Page, marks: Mark[]) {
  const outermost = Math.max(-1, ...marks.map((mark) => (AT_EDGE.has(mark.sign) ? mark.lane : -1)))
  const left = page.right + NOTE_INDENT + (outermost + 1) * LANE
  const letters = Math.max(7, Math.floor((page.width - left - 4) / LETTER))
  let lowest = -Infinity
  for (const mark of marks) {
    if (mark.noteX >= 0) {
      continue
    }
    mark.noteX = left
    mark.note = linesOf(mark.note.join(' '), letters)
    mark.noteY = Math.max(mark.noteY, lowest + NOTE_PITCH + 1.5)
    lowest = mark.noteY + (mark.note.length - 1) * NOTE_PITCH
  }
}

function markOf(page: Page, reading: Reading, place: number, sign: Sign, box: Box, units: Units): Mark {
  const note = reading.stet === undefined ? noteOf(reading, units) : 'stet'
  const quote = reading.places[place]?.quote ?? ''
  const mark: Mark = {
    ...box,
    key: `${reading.key}#${place}`,
    reading: reading.key,
    place,
    sign,
    stet: reading.stet !== undefined,
    note: [note],
    said: `${reading.name}: ${note}${quote ? `, at ${quote}` : ''}`,
    noteX: -1,
    noteY: box.y + box.height * 0.75,
    lane: 0,
  }
  return sign === 'move-edge' ? { ...mark, ...edgeNote(page, reading, box) } : mark
}

// ---- where a mark stands

function spotOf(page: Page, reading: Reading, place: Place, sign: Sign): Box | undefined {
  if (place.paragraph < 0) {
    return sign === 'move-edge'
      ? edgeOf(page, reading)
      : place.part === 'header'
        ? { x: page.right, y: page.headerDistance, width: 0, height: 14 }
        : { x: page.right, y: page.top - 26, width: 0, height: 12 }
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
    return words.box
  }
  if (sign === 'close-up' || sign === 'pitch') {
    return whiteAt(reading.edge, sign, line, own)
  }
  const size = line.runs[0]?.size ?? 12
  return { x: line.x, y: line.y - size * 0.95, width: line.width, height: size * 1.3 }
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
      return { x: page.left, y: page.top + 6, width: 0, height: 24 }
    case 'right':
      return { x: page.right, y: page.top + 6, width: 0, height: 24 }
    case 'top':
      return { x: acrossX, y: page.top, width: 24, height: 0 }
    case 'bottom':
      return { x: acrossX, y: page.bottom, width: 24, height: 0 }
    default:
      return { x: page.left + 8, y: page.headerDistance, width: 24, height: 0 }
  }
}

/** The move of an edge, and its note beside it: there is no line of text in whose margin it could stand. */
function edgeNote(page: Page, reading: Reading, edge: Box): Pick<Mark, 'move' | 'noteX' | 'noteY'> {
  const is = reading.is.twips ?? 0
  const asked = reading.asked.twips ?? is
  const points = (asked - is) * POINTS_PER_TWIP
  const shown = Math.sign(points) * Math.max(SHORTEST_MOVE, Math.abs(points))
  switch (reading.edge) {
    case 'left':
      return { move: { x: shown, y: 0 }, noteX: Math.max(4, edge.x - 56), noteY: edge.y - 4 }
    case 'right':
      return { move: { x: -shown, y: 0 }, noteX: page.right + 8, noteY: edge.y - 4 }
    case 'bottom':
      return { move: { x: 0, y: -shown }, noteX: edge.x + 32, noteY: edge.y + 14 }
    default:
      return { move: { x: 0, y: shown }, noteX: edge.x + 32, noteY: edge.y + 3 }
  }
}

/** A note cut into lines that a margin holds. */
function linesOf(note: string, letters: number): string[] {
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
