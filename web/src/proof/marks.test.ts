import { describe, expect, it } from 'vitest'
import { finding, line, page } from './fixtures'
import { marksOn } from './marks'

const gap = finding('spacing.paragraph-gap', 'after', {
  is: { text: '8 pt', twips: 160 },
  places: [
    { part: 'text', page: 1, paragraph: 5, quote: 'In all three' },
    { part: 'text', page: 1, paragraph: 6, quote: '' },
    { part: 'text', page: 2, paragraph: 9, quote: '' },
  ],
})

describe('marks', () => {
  it('stand at their lines with the quantity, on their own page only', () => {
    const marks = marksOn(page([line(5, 0, 100), line(6, 0, 200)]), [gap], 'inches')
    expect(marks.map((mark) => [mark.place, mark.sign, mark.note, mark.noteY])).toEqual([
      [0, 'close-up', 'close 8 pt', 100],
      [1, 'close-up', 'close 8 pt', 200],
    ])
  })

  it('keep their notes apart', () => {
    const marks = marksOn(page([line(5, 0, 100), line(6, 0, 104)]), [gap], 'inches')
    expect((marks[1]?.noteY ?? 0) - (marks[0]?.noteY ?? 0)).toBeGreaterThanOrEqual(12)
  })

  it('ring only the words that are meant', () => {
    const stray = finding('type.strays', 'type', {
      places: [{ part: 'text', page: 1, paragraph: 5, quote: 'a stray word' }],
    })
    const mixed = line(5, 0, 100, {
      runs: [
        { text: 'Plain text and ', x: 90, width: 80, face: 'LiberationSerif-Regular', size: 12 },
        { text: 'a stray word', x: 170, width: 60, face: 'Carlito-Regular', size: 11 },
      ],
    })
    expect(marksOn(page([mixed]), [stray], 'inches')[0]).toMatchObject({ sign: 'ring', x: 170, width: 60 })
  })
})
