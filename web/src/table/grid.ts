import type { Schemas } from '../api/client'

/** A head over one column or several. */
export interface Head {
  words: string
  span: number
}

/** A table in the guide's form, as it is shown and edited; words between low lines are slanted. */
export interface Table {
  title: string
  heads: Head[][]
  rows: string[][]
  notes: string[]
  /** The sentence that tells the test in the text. */
  report: string
}

/** A table as it came from the server, where whatever says nothing may be missing. */
export function tableOf(choice: Schemas['TableChoice']): Table {
  return {
    title: choice.title ?? '',
    heads: (choice.heads ?? []).map((row) => row.map(({ words, span }) => ({ words: words ?? '', span }))),
    rows: choice.rows ?? [],
    notes: choice.notes ?? [],
    report: choice.report ?? '',
  }
}

/** A cell: of a row of heads where it is above all others, else of a row under them. */
export interface Place {
  row: number
  column: number
}

const wide = (row: Head[]) => row.reduce((sum, { span }) => sum + span, 0)

/** How many columns a table has. */
export const columnsOf = (table: Table) => wide(table.heads[0] ?? [])

/** All rows, heads first, as they are gone through; a head that stands over several columns takes them all. */
export const rowsOf = (table: Table) => table.heads.length + table.rows.length

/** Which of a row's heads stands over a column. */
export function headAt(row: Head[], column: number): number {
  let at = 0
  for (let i = 0; i < row.length; i++) {
    at += row[i]?.span ?? 1
    if (column < at) {
      return i
    }
  }
  return row.length - 1
}

/** The words of a cell. */
export function wordsAt(table: Table, { row, column }: Place): string {
  const heads = table.heads[row]
  return heads
    ? (heads[headAt(heads, column)]?.words ?? '')
    : (table.rows[row - table.heads.length]?.[column] ?? '')
}

/** The table with other words in a cell. */
export function withWords(table: Table, { row, column }: Place, words: string): Table {
  const heads = table.heads[row]
  if (heads) {
    const at = headAt(heads, column)
    return {
      ...table,
      heads: table.heads.map((each, i) =>
        i === row ? each.map((head, j) => (j === at ? { ...head, words } : head)) : each,
      ),
    }
  }
  const under = row - table.heads.length
  return {
    ...table,
    rows: table.rows.map((each, i) =>
      i === under ? each.map((cell, j) => (j === column ? words : cell)) : each,
    ),
  }
}

/** The table with a block of cells laid over it, from one cell on; what reaches beyond it is left out. */
export function withBlock(table: Table, from: Place, block: string[][]): Table {
  let out = table
  block.forEach((cells, i) => {
    cells.forEach((words, j) => {
      const place = { row: from.row + i, column: from.column + j }
      if (place.row < rowsOf(table) && place.column < columnsOf(table)) {
        out = withWords(out, place, words.trim())
      }
    })
  })
  return out
}

/** Cells as they lie in the clipboard: lines, parted by tabs. */
export const blockOf = (text: string) =>
  text
    .replace(/\r\n?/g, '\n')
    .replace(/\n$/, '')
    .split('\n')
    .map((line) => line.split('\t'))

/** The table with one more row after one of its rows, or without it. */
export function withRow(table: Table, after: number): Table {
  const empty = Array.from({ length: columnsOf(table) }, () => '')
  return { ...table, rows: [...table.rows.slice(0, after + 1), empty, ...table.rows.slice(after + 1)] }
}

export function withoutRow(table: Table, row: number): Table {
  return table.rows.length > 1 ? { ...table, rows: table.rows.filter((_, i) => i !== row) } : table
}

/** Words, and whether they are slanted: those between low lines are. */
export interface Stretch {
  words: string
  italic: boolean
}

const MARKED = /(?<![\p{L}\p{N}_])_(?=\S)([^_]{1,80})(?<=\S)_(?![\p{N}_]|\p{L}{2})/gu

/** The stretches of marked words. */
export function stretchesOf(marked: string): Stretch[] {
  const out: Stretch[] = []
  let at = 0
  for (const match of marked.matchAll(MARKED)) {
    if (match.index > at) {
      out.push({ words: marked.slice(at, match.index), italic: false })
    }
    out.push({ words: match[1] ?? '', italic: true })
    at = match.index + match[0].length
  }
  if (at < marked.length) {
    out.push({ words: marked.slice(at), italic: false })
  }
  return out
}

/** Words without the signs of slant. */
export const plainOf = (marked: string) =>
  stretchesOf(marked)
    .map(({ words }) => words)
    .join('')

const escaped = (words: string) =>
  words.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;')

/** Words as a page has them. */
export const htmlOf = (marked: string) =>
  stretchesOf(marked)
    .map(({ words, italic }) => (italic ? `<i>${escaped(words)}</i>` : escaped(words)))
    .join('')

/** The table as a page has it, with its rules, to be pasted elsewhere. */
export function pageOf(table: Table, number: number): string {
  const line = '1px solid #000'
  const last = table.heads.length - 1
  const heads = table.heads.map((row, i) => {
    const cells = row.map(({ words, span }, j) => {
      const under = i === last || span > 1 ? `border-bottom:${line};` : ''
      const over = i === 0 ? `border-top:${line};` : ''
      return `<th colspan="${span}" style="${over}${under}text-align:${j === 0 ? 'left' : 'center'};font-weight:normal;padding:0 6px">${htmlOf(words)}</th>`
    })
    return `<tr>${cells.join('')}</tr>`
  })
  const rows = table.rows.map((row, i) => {
    const under = i === table.rows.length - 1 ? `border-bottom:${line};` : ''
    const cells = row.map(
      (words, j) =>
        `<td style="${under}text-align:${j === 0 ? 'left' : 'right'};padding:0 6px">${htmlOf(words)}</td>`,
    )
    return `<tr>${cells.join('')}</tr>`
  })
  const notes = table.notes.map(
    (note, i) => `<p>${i === 0 && !note.startsWith('*') ? '<i>Note.</i> ' : ''}${htmlOf(note)}</p>`,
  )
  return `<p>Table ${number}</p><p><i>${escaped(plainOf(table.title))}</i></p><table style="border-collapse:collapse">${heads.join('')}${rows.join('')}</table>${notes.join('')}`
}
