import type { Units } from '../ui/settings'
import { quantityText } from './units'
import type { Line, Page, Place, Reading } from './useProof'

/** The sign a corrector would draw. */
export type Sign = 'ring' | 'close-up' | 'move-right' | 'move-left' | 'bracket' | 'new-page'

/** A mark on a page: a sign at a line and an italic note in the margin. Points from the sheet's top left corner. */
export interface Mark {
  key: string
  reading: string
  place: number
  sign: Sign
  note: string
  x: number
  y: number
  width: number
  height: number
  noteY: number
}

const NOTE_PITCH = 12
/** Longer notes take more than one line of the margin. */
const LONG_NOTE = 13

/** The marks of some findings on a page, their notes moved apart where they would touch. */
export function marksOn(page: Page, readings: Reading[], units: Units): Mark[] {
  const marks: Mark[] = []
  for (const reading of readings) {
    reading.places.forEach((place, index) => {
      if (reading.off && place.page === page.number && place.paragraph >= 0) {
        const line = lineOf(page, place)
        if (line) {
          marks.push(markAt(reading, index, line, place, units))
        }
      }
    })
  }
  marks.sort((one, other) => one.y - other.y)
  let lowest = -Infinity
  for (const mark of marks) {
    mark.noteY = Math.max(mark.noteY, lowest + NOTE_PITCH)
    lowest = mark.noteY + (mark.note.length > LONG_NOTE ? NOTE_PITCH : 0)
  }
  return marks
}

function lineOf(page: Page, place: Place): Line | undefined {
  const lines = page.lines.filter((line) => line.part === place.part && line.paragraph === place.paragraph)
  const words = place.quote.slice(0, 12)
  return lines.find((line) => words !== '' && line.runs.some((run) => run.text.startsWith(words))) ?? lines[0]
}

function markAt(reading: Reading, place: number, line: Line, at: Place, units: Units): Mark {
  const sign = signOf(reading)
  const words = at.quote.slice(0, 12)
  const runs = line.runs.filter((run) => sign === 'ring' && words !== '' && run.text.startsWith(words))
  const first = runs[0]
  const type = line.runs[0]?.size ?? 12
  return {
    key: `${reading.key}#${place}`,
    reading: reading.key,
    place,
    sign,
    note: noteOf(reading, units),
    x: first ? first.x : line.x,
    y: line.y - type * 0.95,
    width: first ? first.width : line.width,
    height: type * 1.3,
    noteY: line.y,
  }
}

function signOf(reading: Reading): Sign {
  switch (reading.rule) {
    case 'spacing.paragraph-gap':
    case 'spacing.blank-paragraphs':
    case 'spacing.sentence-gap':
      return 'close-up'
    case 'spacing.first-line':
    case 'spacing.space-bar-indent':
      return 'move-right'
    case 'spacing.alignment':
      return 'move-left'
    case 'spacing.line':
      return 'bracket'
    case 'spacing.page-push':
      return 'new-page'
    default:
      return 'ring'
  }
}

/** What to do, in as few words as a margin holds. */
function noteOf(reading: Reading, units: Units): string {
  const asked = quantityText(reading.asked, units)
  const is = quantityText(reading.is, units)
  switch (reading.rule) {
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
      return 'ragged right'
    case 'spacing.line':
      return asked
    case 'spacing.page-push':
      return 'new page'
    case 'spacing.line-breaks':
      return 'run on?'
    case 'type.emphasis':
      return 'italic?'
    case 'running-head.number-live':
      return 'live #'
    case 'running-head.number-place':
      return asked
    case 'running-head.padding':
      return 'one line'
    default:
      return asked.length > 40 ? `${asked.slice(0, 39)}…` : asked
  }
}
