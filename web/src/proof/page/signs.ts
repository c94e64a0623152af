import type { Units } from '../../ui/settings'
import { offBy, quantityText } from '../units'
import type { Reading } from '../useProof'

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
  | 'move-edge'
  | 'page'

/** Signs drawn on the very words they mean; the others stand at the line. */
export const ON_WORDS: ReadonlySet<Sign> = new Set<Sign>([
  'roman',
  'italic',
  'ring',
  'take-out',
  'replace',
  'close-gap',
])

/** Signs drawn along the right edge of the text, beside each other where one line has several. */
export const AT_EDGE: ReadonlySet<Sign> = new Set<Sign>(['close-up', 'ragged', 'pitch'])

/** The sign for a reading that is off. */
export function signOf(reading: Reading): Sign {
  switch (reading.rule) {
    case 'sheet.margins':
    case 'sheet.header-distance':
      return 'move-edge'
    case 'sheet.size':
    case 'sheet.orientation':
    case 'sheet.columns':
    case 'spacing.hyphenation':
    case 'running-head.number-start':
      return 'page'
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
    case 'running-head.first-page':
      return 'replace'
    default:
      return 'ring'
  }
}

const LONGEST_NOTE = 40

/** What to do, in as few words as a margin holds. */
export function noteOf(reading: Reading, units: Units): string {
  const asked = quantityText(reading.asked, units)
  const is = quantityText(reading.is, units)
  switch (reading.rule) {
    case 'sheet.margins':
      return `${reading.quantity} ${asked}`
    case 'sheet.header-distance':
      return `header ${asked}`
    case 'sheet.size':
      return `sheet ${asked}`
    case 'spacing.hyphenation':
      return 'no hyphenation'
    case 'spacing.paragraph-gap':
      return `close ${is}`
    case 'spacing.blank-paragraphs':
      return 'close up'
    case 'spacing.sentence-gap':
      return 'one space'
    case 'spacing.first-line':
    case 'spacing.space-bar-indent':
      return `to ${asked}`
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
    case 'running-head.first-page':
      return 'header here too'
    case 'running-head.padding':
      return 'one line'
    case 'running-head.label':
    case 'running-head.footer':
      return 'take out'
    default:
      return asked.length > LONGEST_NOTE ? `${asked.slice(0, LONGEST_NOTE - 1)}…` : asked
  }
}
