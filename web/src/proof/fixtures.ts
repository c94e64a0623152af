import { vi } from 'vitest'
import type { RowActions } from './ReadingRow'
import type { Line, Page, Paper, Place, Reading, Run, Station } from './useProof'

/** Some text in a face, for tests. */
export function run(text: string, x: number, width: number, more: Partial<Run> = {}): Run {
  return { text, x, width, face: 'LiberationSerif-Regular', size: 12, ...more }
}

/** A line of text at a height, for tests. */
export function line(paragraph: number, number: number, y: number, more: Partial<Line> = {}): Line {
  return {
    part: 'text',
    paragraph,
    number,
    x: 90,
    y,
    width: 400,
    top: y - 11,
    height: 16,
    left: 90,
    right: 522,
    runs: [run('In all three novels', more.x ?? 90, 400)],
    ...more,
  }
}

/** A Letter page with margins of 1.25 in at the sides, for tests. */
export function page(lines: Line[], more: Partial<Page> = {}): Page {
  return {
    number: 1,
    printed: '1',
    width: 612,
    height: 792,
    left: 90,
    top: 72,
    right: 522,
    bottom: 720,
    headerDistance: 28.8,
    lines,
    pictures: [],
    fills: [],
    tables: [],
    ...more,
  }
}

/** A place in the text, for tests. */
export function place(more: Partial<Place> = {}): Place {
  return { part: 'text', page: 1, paragraph: 5, quote: '', anchor: 'a', fix: 'looks', ...more }
}

/** A reading that is off, for tests. */
export function finding(rule: string, quantity: string, more: Partial<Reading> = {}): Reading {
  return {
    key: `${rule}/${quantity}`,
    rule,
    quantity,
    name: 'Left margin',
    is: { text: '1.25 in', twips: 1800 },
    asked: { text: '1 in', twips: 1440 },
    off: true,
    weight: 'required',
    fix: 'looks',
    mendable: true,
    message: 'The left margin is 1.25 in; the guide asks for 1 in.',
    why: 'The same white on all four sides.',
    source: 'MLA 9',
    sign: 'ring',
    edge: '',
    offBy: '+0.25 in',
    note: '1 in',
    places: [place()],
    title: 'Margins',
    ...more,
  }
}

/** A station with some readings, for tests. */
export function station(id: string, readings: Reading[], more: Partial<Station> = {}): Station {
  const open = readings.filter((each) => each.off && each.stet === undefined).length
  return { id, state: open > 0 ? 'open' : 'met', open, notBuilt: 0, silent: [], readings, ...more }
}

/** What a row of the ledger can ask for, watched. */
export function rowActions() {
  return {
    busy: false,
    lit: null,
    letting: null,
    onLit: vi.fn(),
    onReading: vi.fn(),
    onPutRight: vi.fn(),
    onPutPlaceRight: vi.fn(),
    onNextPlace: vi.fn(),
    onLetting: vi.fn(),
    onStet: vi.fn(),
    onLift: vi.fn(),
  } satisfies RowActions
}

/** Lets dialogues open: the document of the tests has no modal ones of its own. */
export function modalDialogs() {
  HTMLDialogElement.prototype.showModal = function (this: HTMLDialogElement) {
    this.open = true
  }
  HTMLDialogElement.prototype.close = function (this: HTMLDialogElement) {
    this.open = false
  }
}

/** A paper as it was brought, for tests. */
export function paperOf(more: Partial<Paper> = {}): Paper {
  return {
    id: '0c5d',
    revision: 4,
    title: 'Lamps on the Low Canal',
    fileName: 'lamps.docx',
    guide: 'MLA 9',
    facts: { guide: 'mla-9', surname: 'Solvane', shortTitle: '', more: {}, authors: [] },
    pages: 6,
    words: 1586,
    step: 0,
    undo: '',
    redo: '',
    changes: [],
    changed: [],
    putRight: [],
    proofs: [],
    ...more,
  }
}
