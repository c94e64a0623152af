import { describe, expect, it } from 'vitest'
import { finding, line, page, place } from '../fixtures'
import { marksOn } from './marks'
import { type Slip, slipsOn } from './notes'
import { Space } from './space'

/** A reading that says one thing of some paragraphs. */
function says(note: string, ...paragraphs: number[]) {
  return finding('spacing.line', note, {
    sign: 'pitch',
    note,
    places: paragraphs.map((paragraph) => place({ page: 1, paragraph, quote: '' })),
  })
}

function slips(sheet: ReturnType<typeof page>, readings: ReturnType<typeof finding>[], size = 9): Slip[] {
  return slipsOn(sheet, marksOn(sheet, readings, []), size, new Space(sheet))
}

const lines = page([line(5, 0, 100), line(6, 0, 200), line(7, 0, 214)])

describe('notes', () => {
  it('of one line are one slip, and what is said twice is said once', () => {
    const [first, ...others] = slips(lines, [
      says('2 lines', 5, 6),
      says('close 8 pt', 5),
      says('2 lines', 5),
    ])
    expect(first?.lines.map(({ text }) => text)).toEqual(['2 lines', 'close 8 pt'])
    expect(first?.marks).toHaveLength(3)
    expect(others).toHaveLength(1)
  })

  it('stand beside their line, one under the other where they would touch', () => {
    const [, second, third] = slips(lines, [says('2 lines', 5, 6, 7), says('close 8 pt', 6)])
    expect(second?.from).toBeUndefined()
    expect((third?.y ?? 0) - (second?.y ?? 0)).toBeGreaterThanOrEqual(2 * 9)
    expect(third?.from?.y).toBeLessThan(third?.y ?? 0)
  })

  it('fold into their number where there are too many, or the margin is too narrow for a word', () => {
    const many = ['one', 'two', 'three', 'four'].map((note) => says(note, 5))
    expect(slips(lines, many)).toMatchObject([{ folded: true, marks: { length: 4 } }])
    const narrow = page([line(5, 0, 100)], { right: 570 })
    expect(slips(narrow, [says('2 lines', 5)], 14)).toMatchObject([{ folded: true }])
  })

  it('of a crowded page all find room on the sheet, none over another', () => {
    const crowd = page(Array.from({ length: 60 }, (_, at) => line(at, 0, 60 + at * 12)))
    const all = Array.from({ length: 60 }, (_, at) => at)
    const set = slips(crowd, [says('2 lines', ...all), says('close 8 pt', ...all), says('to 0.5 in', ...all)])
    expect(set.reduce((sum, { marks }) => sum + marks.length, 0)).toBe(180)
    set.slice(1).forEach((slip, at) => expect(slip.y - (set[at]?.y ?? 0)).toBeGreaterThan(9))
    expect(set.at(-1)?.y).toBeLessThan(792)
  })
})
