import { describe, expect, it } from 'vitest'
import { finding, line, page } from '../fixtures'
import type { Page, Reading } from '../useProof'
import { type Dimension, dimensionsOf } from './dimensions'

function drawn(station: string, on: Page, readings: Reading[] = []): Record<string, Dimension> {
  return Object.fromEntries(dimensionsOf(station, on, readings, 'inches').map((each) => [each.key, each]))
}

describe('dimension lines of the sheet', () => {
  const left = finding('sheet.margins', 'left')
  const lines = drawn('sheet', page([line(5, 0, 90)]), [left])

  it('measure the sheet, every margin and the header as the page has them', () => {
    const labels = Object.values(lines)
      .filter((each) => each.kind === 'is')
      .map((each) => [each.key, each.label])
    expect(Object.fromEntries(labels)).toEqual({
      width: '8.5 in',
      height: '11 in',
      left: '1.25 in',
      right: '1.25 in',
      top: '1 in',
      bottom: '1 in',
      header: '0.4 in',
      'column-0': '6 in',
    })
  })

  it('keep clear of the words in the header, and measure each column', () => {
    const header = line(0, 0, 40, { part: 'header', x: 90, width: 250 })
    const narrow = [90, 316].map((left, index) => line(index, 0, 90, { left, right: left + 206 }))
    const sheet = drawn('sheet', page([header, ...narrow]))
    expect(sheet['top']?.x1).toBeGreaterThan(340)
    expect(sheet['bottom']?.x1).toBeLessThan(340)
    expect([sheet['column-0']?.label, sheet['column-1']?.label]).toEqual(['2.86 in', '2.86 in'])
  })

  it('show what is asked only where it differs, to scale, both tied to their reading', () => {
    const asked = Object.values(lines).filter((each) => each.kind === 'asked')
    expect(asked).toHaveLength(1)
    expect(asked[0]).toMatchObject({ x1: 0, x2: 72, label: '1 in', reading: left.key })
    expect(lines['left']?.reading).toBe(left.key)
  })
})

describe('dimension lines of the spacing', () => {
  const pitch = finding('spacing.line', 'line', {
    is: { text: '1 line', number: 1 },
    asked: { text: '2 lines', number: 2 },
  })
  const lines = [line(5, 0, 90, { x: 126 }), line(5, 1, 104), line(7, 0, 140), line(7, 1, 154)]

  it('run from baseline to baseline, the asked one twice as far', () => {
    const spacing = drawn('spacing', page(lines), [pitch])
    expect(spacing['pitch']).toMatchObject({ y1: 90, y2: 104, label: '1 line', reading: pitch.key })
    expect(spacing['pitch-asked']).toMatchObject({ y1: 90, y2: 118 })
  })

  it('are drawn where the page has the fault, not for a sample place', () => {
    const there = { ...pitch, places: [{ part: 'text', page: 1, paragraph: 7, quote: '' }] }
    expect(drawn('spacing', page(lines), [there])['pitch']).toMatchObject({ y1: 140, y2: 154 })
  })

  it('show the indent of a paragraph, not of a centred line', () => {
    const centred = line(4, 0, 76, { x: 150 })
    expect(drawn('spacing', page([centred, ...lines]))['first-line']).toMatchObject({
      x1: 90,
      x2: 124,
      label: '0.5 in',
    })
  })

  it('show the white between two paragraphs', () => {
    const gap = finding('spacing.paragraph-gap', 'after', { asked: { text: '0 pt', twips: 0 } })
    expect(drawn('spacing', page(lines), [gap])['gap']).toMatchObject({
      y1: 109,
      y2: 129,
      label: '20 pt → 0 pt',
      reading: gap.key,
    })
  })
})

describe('dimension lines of the other stations', () => {
  it('measure how far an entry of the sources hangs', () => {
    const entry = [line(9, 0, 100), line(9, 1, 116, { x: 126, left: 126 })]
    // The lines but the first stand at the indent of their paragraph itself.
    const hung = entry.map((each) => ({ ...each, left: 90 }))
    expect(drawn('sources', page(hung))['hanging']).toMatchObject({ x1: 90, x2: 124, label: '0.5 in' })
  })

  it('measure how high the title stands', () => {
    const title = line(0, 0, 252, { x: 206, width: 200 })
    expect(drawn('opening', page([title]))['title']).toMatchObject({ y1: 0, y2: 252, label: '3.5 in' })
  })

  it('measure a table and its columns, clear of the text', () => {
    const table = { number: 0, edges: [90, 234, 522], top: 200, bottom: 260 }
    const caption = line(8, 0, 194)
    const lines = drawn('tables', page([caption, line(9, 0, 215)], { tables: [table] }))
    expect(lines['table-0']).toMatchObject({ x1: 90, x2: 522, label: '6 in' })
    expect(lines['column-0-0']).toMatchObject({ x1: 90, x2: 234, label: '2 in' })
    expect(lines['column-0-1']?.label).toBe('4 in')
    expect(lines['column-0-0']?.y1).toBeLessThan(194 - 12)
  })
})
