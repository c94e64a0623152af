import { describe, expect, it } from 'vitest'
import { finding, line, page, place, run } from '../fixtures'
import { marksOn } from './marks'

const gap = finding('spacing.paragraph-gap', 'after', {
  name: 'Space after',
  sign: 'close-up',
  edge: 'after',
  note: 'close {is}',
  is: { text: '8 pt', twips: 160 },
  places: [
    place({ page: 1, paragraph: 6, quote: '' }),
    place({ page: 1, paragraph: 5, quote: 'In all three' }),
    place({ page: 2, paragraph: 9, quote: '' }),
  ],
})

describe('marks', () => {
  it('stand at their lines with the quantity, in reading order, on their own page only', () => {
    const marks = marksOn(page([line(5, 0, 100), line(6, 0, 200)]), [gap], 'inches')
    expect(marks.map((mark) => [mark.place, mark.sign, mark.note, mark.noteY])).toEqual([
      [1, 'close-up', ['close 8 pt'], 108.5],
      [0, 'close-up', ['close 8 pt'], 208.5],
    ])
    expect(marks[0]?.said).toBe('Space after: close 8 pt, at In all three')
  })

  it('keep their notes apart, also those of several lines, and stand side by side at one line', () => {
    const alignment = finding('spacing.alignment', 'alignment', {
      sign: 'ragged',
      asked: { text: 'left, ragged on the right' },
      places: [place({ page: 1, paragraph: 5, quote: '' })],
    })
    const face = finding('type.face', 'face', {
      sign: 'roman',
      asked: { text: 'Times New Roman or another readable face' },
      places: [place({ page: 1, paragraph: 5, quote: '' })],
    })
    const marks = marksOn(page([line(5, 0, 100), line(6, 0, 104)]), [face, alignment, gap], 'inches')
    expect(marks.map((mark) => mark.lane)).toEqual([0, 0, 1, 2])
    marks.slice(1).forEach((mark, index) => {
      const above = marks[index]
      const foot = (above?.noteY ?? 0) + ((above?.note.length ?? 1) - 1) * 10.5
      expect(mark.noteY - foot).toBeGreaterThanOrEqual(12)
    })
  })

  it('ring only the words that are meant', () => {
    const stray = finding('type.strays', 'type', {
      sign: 'roman',
      places: [place({ page: 1, paragraph: 5, quote: 'a stray word' })],
    })
    const mixed = line(5, 0, 100, {
      runs: [
        run('Plain text and ', 90, 80),
        run('a stray word', 170, 60, { face: 'Carlito-Regular', size: 11 }),
      ],
    })
    expect(marksOn(page([mixed]), [stray], 'inches')[0]).toMatchObject({ sign: 'roman', x: 170, width: 60 })
  })

  it('stand at the very gap between two words, also where the words run over a line', () => {
    const wide = finding('spacing.sentence-gap', 'gap', {
      sign: 'close-gap',
      places: [place({ page: 1, paragraph: 5, quote: 'first.  The' })],
    })
    const lines = [
      line(5, 0, 100, { runs: [run('One was the', 90, 110)] }),
      line(5, 1, 120, { runs: [run('first.  The two', 90, 150)] }),
    ]
    const mark = marksOn(page(lines), [wide], 'inches')[0]
    expect(mark).toMatchObject({ sign: 'close-gap', x: 150, width: 20 })
    expect(mark?.y).toBeGreaterThan(100)
  })

  it('of an edge say which way it moves and by how much', () => {
    const margins = ['left', 'right'].map((quantity) =>
      finding('sheet.margins', quantity, {
        sign: 'move-edge',
        edge: quantity,
        note: `${quantity} {asked}`,
        places: [place({ page: 1, paragraph: -1, quote: '' })],
      }),
    )
    const marks = marksOn(page([line(5, 0, 100)]), margins, 'inches')
    expect(marks.map((mark) => [mark.note, mark.move])).toEqual([
      [['left 1 in'], { x: -18, y: 0 }],
      [['right 1 in'], { x: 18, y: 0 }],
    ])
  })

  it('of what stands say so', () => {
    const marks = marksOn(page([line(5, 0, 100)]), [{ ...gap, stet: 'as in the sample' }], 'inches')
    expect(marks[0]).toMatchObject({ stet: true, note: ['stet'] })
  })
})
