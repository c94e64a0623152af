import type { Units } from '../../ui/settings'
import { offBy, quantityText } from '../units'
import type { Line, Page, Place, Reading } from '../useProof'

/** The sign a corrector would draw, each for one kind of correction (after ISO 5776). */
export type Sign =
  | 'roman'
  | 'italic'
  | 'ring'
  | 'close-up'
  | 'close-gap'
  | 'move-right'
  | 'move-left'
  | 'centre'
  | 'ragged'
  | 'run-on'
  | 'new-paragraph'
  | 'new-page'
  | 'pitch'
  | 'take-out'
  | 'replace'
  | 'margin'

/** A mark on a page: a sign at a line and an italic note in the margin. Points from the sheet's top left corner. */
export interface Mark {
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
  x: number
  y: number
  width: number
  height: number
  noteY: number
  /** How many other marks stand at the same line already; each is drawn a little further out. */
  lane: number
}

const NOTE_PITCH = 10.5
/** About the width of a letter of a note, in points. */
const LETTER = 4.3
const NOTE_INDENT = 12

/** Where notes start, from the sheet's left edge. */
export function noteLeft(page: Page): number {
  return page.right + NOTE_INDENT
}

/** The marks of some findings on a page in reading order, their notes moved apart where they would touch. */
export function marksOn(page: Page, readings: Reading[], units: Units): Mark[] {
  const marks: { mark: Mark; order: number }[] = []
  for (const reading of readings) {
    reading.places.forEach((place, index) => {
      if (!reading.off || place.page !== page.number) {
        return
      }
      const at = place.paragraph < 0 ? -1 : lineIndex(page, place)
      const line = page.lines[at]
      if (place.paragraph < 0) {
        marks.push({ mark: markOfSheet(reading, index, page, units), order: -1 })
      } else if (line) {
        marks.push({ mark: markAt(reading, index, page, line, place, units), order: at })
      }
    })
  }
  marks.sort((one, other) => one.order - other.order)
  const lanes = new Map<number, number>()
  let lowest = -Infinity
  for (const { mark, order } of marks) {
    mark.lane = lanes.get(order) ?? 0
    lanes.set(order, mark.lane + 1)
    mark.noteY = Math.max(mark.noteY, lowest + NOTE_PITCH + 1.5)
    lowest = mark.noteY + (mark.note.length - 1) * NOTE_PITCH
  }
  return marks.map(({ mark }) => mark)
}

function lineIndex(page: Page, place: Place): number {
  const words = place.quote.slice(0, 12)
  const first = page.lines.findIndex((line) => line.part === place.part && line.paragraph === place.paragraph)
  if (words === '' || first < 0) {
    return first
  }
  const quoted = page.lines.findIndex(
    (line) =>
      line.part === place.part &&
      line.paragraph === place.paragraph &&
      line.runs.some((run) => run.text.startsWith(words)),
  )
  return quoted >= 0 ? quoted : first
}

function markAt(reading: Reading, place: number, page: Page, line: Line, at: Place, units: Units): Mark {
  const words = at.quote.slice(0, 12)
  const run = line.runs.find((each) => words !== '' && each.text.startsWith(words))
  const type = line.runs[0]?.size ?? 12
  const sign = signOf(reading)
  const onWords = run && ['roman', 'italic', 'ring', 'take-out', 'replace'].includes(sign)
  return {
    ...base(reading, place, page, units, at),
    sign,
    x: onWords ? run.x : line.x,
    y: line.y - type * 0.95,
    width: onWords ? run.width : line.width,
    height: type * 1.3,
    noteY: line.y,
  }
}

/** What is wrong with the sheet itself is marked at the edge of the text it moves. */
function markOfSheet(reading: Reading, place: number, page: Page, units: Units): Mark {
  const top = reading.quantity === 'bottom' ? page.bottom - 30 : page.top + 4
  return {
    ...base(reading, place, page, units),
    sign: 'margin',
    x: reading.quantity === 'right' ? page.right : page.left,
    y: top,
    width: 0,
    height: 26,
    noteY: top + (reading.quantity === 'bottom' ? 20 : 100),
  }
}

function base(
  reading: Reading,
  place: number,
  page: Page,
  units: Units,
  at?: Place,
): Pick<Mark, 'key' | 'reading' | 'place' | 'stet' | 'note' | 'said' | 'lane'> {
  const note = reading.stet === undefined ? noteOf(reading, units) : 'stet'
  const letters = Math.max(7, Math.floor((page.width - noteLeft(page) - 6) / LETTER))
  return {
    key: `${reading.key}#${place}`,
    reading: reading.key,
    place,
    stet: reading.stet !== undefined,
    note: linesOf(note, letters),
    said: `${reading.name}: ${note}${at?.quote ? `, at ${at.quote}` : ''}`,
    lane: 0,
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

function signOf(reading: Reading): Sign {
  switch (reading.rule) {
    case 'spacing.paragraph-gap':
    case 'spacing.blank-paragraphs':
      return 'close-up'
    case 'spacing.sentence-gap':
    case 'running-head.padding':
      return 'close-gap'
    case 'spacing.first-line':
    case 'spacing.space-bar-indent':
      return offBy(reading, 'inches').startsWith('+') ? 'move-left' : 'move-right'
    case 'running-head.number-place':
      return 'move-right'
    case 'spacing.alignment':
      return reading.asked.text.includes('cent') ? 'centre' : 'ragged'
    case 'spacing.line':
      return 'pitch'
    case 'spacing.line-breaks':
      return 'run-on'
    case 'spacing.page-push':
      return 'new-page'
    case 'spacing.widows':
      return 'new-paragraph'
    case 'type.face':
    case 'type.size':
    case 'type.strays':
    case 'running-head.type':
      return 'roman'
    case 'type.emphasis':
      return reading.quantity === 'underline' ? 'italic' : 'roman'
    case 'running-head.label':
    case 'running-head.footer':
      return 'take-out'
    case 'running-head.text':
    case 'running-head.number':
    case 'running-head.number-live':
      return 'replace'
    default:
      return 'ring'
  }
}

/** What to do, in as few words as a margin holds. */
function noteOf(reading: Reading, units: Units): string {
  const asked = quantityText(reading.asked, units)
  const is = quantityText(reading.is, units)
  switch (reading.rule) {
    case 'sheet.margins':
      return `${reading.quantity} ${asked}`
    case 'sheet.size':
      return `sheet ${asked}`
    case 'spacing.paragraph-gap':
      return `close ${is}`
    case 'spacing.blank-paragraphs':
      return 'close up'
    case 'spacing.sentence-gap':
      return 'one space'
    case 'spacing.first-line':
    case 'spacing.space-bar-indent':
      return `in ${asked}`
    case 'spacing.alignment':
      return reading.asked.text.includes('cent') ? 'centre' : 'ragged right'
    case 'spacing.page-push':
      return 'new page'
    case 'spacing.line-breaks':
      return 'run on?'
    case 'type.emphasis':
      return reading.quantity === 'underline' ? 'italic?' : 'plain?'
    case 'running-head.number-live':
      return 'live #'
    case 'running-head.padding':
      return 'one line'
    case 'running-head.label':
    case 'running-head.footer':
      return 'take out'
    default:
      return asked.length > 40 ? `${asked.slice(0, 39)}…` : asked
  }
}
