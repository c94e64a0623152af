import { describe, expect, it } from 'vitest'
import {
  blockOf,
  columnsOf,
  headAt,
  htmlOf,
  pageOf,
  plainOf,
  rowsOf,
  type Table,
  withBlock,
  withoutRow,
  withRow,
  withWords,
  wordsAt,
} from './grid'

const table: Table = {
  title: 'Lamps and _Sums_',
  heads: [
    [
      { words: '', span: 1 },
      { words: 'North', span: 2 },
    ],
    [
      { words: 'Measure', span: 1 },
      { words: '_M_', span: 1 },
      { words: '_SD_', span: 1 },
    ],
  ],
  rows: [
    ['Interval', '4.31', '0.92'],
    ['Flights', '12.10', '3.40'],
  ],
  notes: ['By hand.', '*_p_ < .05.'],
  report: '',
}

describe('a grid', () => {
  it('counts columns under heads that stand over several', () => {
    expect([columnsOf(table), rowsOf(table)]).toEqual([3, 4])
    expect([0, 1, 2].map((column) => headAt(table.heads[0] ?? [], column))).toEqual([0, 1, 1])
  })

  it('reads and changes heads and cells alike', () => {
    expect(wordsAt(table, { row: 0, column: 2 })).toBe('North')
    expect(wordsAt(table, { row: 3, column: 1 })).toBe('12.10')
    expect(wordsAt(withWords(table, { row: 0, column: 2 }, 'South'), { row: 0, column: 1 })).toBe('South')
    expect(wordsAt(withWords(table, { row: 2, column: 0 }, 'Gap'), { row: 2, column: 0 })).toBe('Gap')
  })

  it('takes a block from one cell on and lets what reaches beyond it go', () => {
    const laid = withBlock(table, { row: 2, column: 1 }, blockOf('1\t2\t3\r\n4\t5\n6\t7\n'))
    expect(laid.rows).toEqual([
      ['Interval', '1', '2'],
      ['Flights', '4', '5'],
    ])
  })

  it('gains and loses rows, but never the last', () => {
    expect(withRow(table, 0).rows[1]).toEqual(['', '', ''])
    expect(withoutRow(withoutRow(table, 0), 0).rows).toEqual([['Flights', '12.10', '3.40']])
  })

  it('marks slant by low lines and leaves names with low lines alone', () => {
    expect(htmlOf('_t_(58) = 2.31 & snake_case_name')).toBe('<i>t</i>(58) = 2.31 &amp; snake_case_name')
    expect(plainOf(table.title)).toBe('Lamps and Sums')
  })

  it('becomes a page that holds nothing but words', () => {
    const page = pageOf({ ...table, rows: [['<script>', '1', '2']] }, 2)
    expect(page).toContain('<p>Table 2</p>')
    expect(page).toContain('&lt;script&gt;')
    expect(page).toContain('<p><i>Note.</i> By hand.</p><p>*<i>p</i> &lt; .05.</p>')
  })
})
