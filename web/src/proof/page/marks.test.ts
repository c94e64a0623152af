import { describe, expect, it } from 'vitest'
import { finding, line, page, place, run } from '../fixtures'
import { marksOn } from './marks'
import type { Dimension } from './strokes'

const gap = finding('spacing.paragraph-gap', 'after', {
  name: 'Space after',
  sign: 'close-up',
  edge: 'after',
  note: 'close 8 pt',
  is: { text: '8 pt', twips: 160 },
  places: [
    place({ page: 1, paragraph: 6, quote: '' }),
    place({ page: 1, paragraph: 5, quote: 'In all three' }),
    place({ page: 2, paragraph: 9, quote: '' }),
  ],
})

describe('marks', () => {
  it('stand at their lines with the quantity, in reading order, on their own page only', () => {
    const marks = marksOn(page([line(5, 0, 100), line(6, 0, 200)]), [gap], [])
    expect(marks.map((mark) => [mark.place, mark.sign, mark.note, mark.level])).toEqual([
      [1, 'close-up', 'close 8 pt', 108.5],
      [0, 'close-up', 'close 8 pt', 208.5],
    ])
    expect(marks[0]?.said).toBe('Space after: close 8 pt, at In all three')
  })

  it('share one sign where those at the edge would stand over each other', () => {
    const alignment = finding('spacing.alignment', 'alignment', {
      sign: 'ragged',
      places: [place({ page: 1, paragraph: 5, quote: '' })],
    })
    const pitch = finding('spacing.line', 'line', {
      sign: 'pitch',
      places: [place({ page: 1, paragraph: 5, quote: '' })],
    })
    const marks = marksOn(page([line(5, 0, 100), line(5, 1, 114)]), [pitch, alignment], [])
    expect(new Set(marks.map(({ sign, y }) => `${sign} ${y}`)).size).toBe(1)
    expect(marks.map(({ note }) => note)).toEqual(['1 in', '1 in'])
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
    expect(marksOn(page([mixed]), [stray], [])[0]).toMatchObject({ sign: 'roman', x: 170, width: 60 })
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
    const mark = marksOn(page(lines), [wide], [])[0]
    expect(mark).toMatchObject({ sign: 'close-gap', x: 150, width: 20 })
    expect(mark?.y).toBeGreaterThan(100)
  })

  it('of an edge say which way it moves and by how much', () => {
    const margins = ['left', 'right'].map((quantity) =>
      finding('sheet.margins', quantity, {
        sign: 'move-edge',
        edge: quantity,
        note: `${quantity} 1 in`,
        places: [place({ page: 1, paragraph: -1, quote: '' })],
      }),
    )
    const marks = marksOn(page([line(5, 0, 100)]), margins, [])
    expect(marks.map((mark) => [mark.note, mark.move])).toEqual([
      ['left 1 in', { x: -18, y: 0 }],
      ['right 1 in', { x: 18, y: 0 }],
    ])
    const measured: Dimension = {
      key: 'left',
      kind: 'is',
      reading: 'sheet.margins/left',
      x1: 0,
      y1: 90,
      x2: 90,
      y2: 90,
    }
    const beside = marksOn(page([line(5, 0, 100)]), margins, [measured])
    expect(beside.map((mark) => mark.note)).toEqual(['', 'right 1 in'])
  })

  it('of what stands say so', () => {
    const marks = marksOn(page([line(5, 0, 100)]), [{ ...gap, stet: 'as in the sample' }], [])
    expect(marks[0]).toMatchObject({ stet: true, note: 'stet' })
  })
})
