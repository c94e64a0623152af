import { describe, expect, it } from 'vitest'
import { line, page } from '../fixtures'
import type { Page, Stroke } from '../useProof'
import { overlap, Space } from './space'
import { type Dimension, placeStrokes as place } from './strokes'

function across(from: number, to: number, near: number, far: number, more: Partial<Stroke> = {}): Stroke {
  return { quantity: 'q', axis: 'across', from, to, near, far, is: '1.25 in', ...more }
}

function down(from: number, to: number, near: number, far: number, more: Partial<Stroke> = {}): Stroke {
  return { ...across(from, to, near, far, more), axis: 'down' }
}

const placeStrokes = (on: Page, strokes: Stroke[]) => place(on, strokes, 9, new Space(on))
const textOf = ({ label }: Dimension) => label?.lines.map(({ text }) => text).join(' → ')
const words = page([line(5, 0, 90), line(5, 1, 104)])

describe('a stroke', () => {
  it('says what is said of it, in the midst of its line where that is long enough', () => {
    const [ink] = placeStrokes(words, [across(0, 90, 72, 720)])
    expect(ink).toMatchObject({ kind: 'is', x1: 0, x2: 90, label: { anchor: 'middle', x: 45 } })
    expect(ink && textOf(ink)).toBe('1.25 in')
  })

  it('measured from the far edge is drawn from left to right all the same', () => {
    const [ink, pencil] = placeStrokes(words, [across(612, 522, 72, 720, { asked: 540, ought: '1 in' })])
    expect(ink).toMatchObject({ x1: 522, x2: 612 })
    expect(pencil).toMatchObject({ x1: 540, x2: 612, kind: 'asked' })
  })

  it('has what is asked beside it, to scale and tied to the same reading, only where it differs', () => {
    const drawn = placeStrokes(words, [across(0, 90, 72, 720, { asked: 72, ought: '1 in', reading: 'r' })])
    expect(drawn.map((each) => [each.kind, each.x2, textOf(each), each.reading])).toEqual([
      ['is', 90, '1.25 in', 'r'],
      ['asked', 72, '1 in', 'r'],
    ])
    expect(placeStrokes(words, [across(0, 90, 72, 720)])).toHaveLength(1)
  })

  it('across words stands where none are in its way, nearest to where it belongs', () => {
    const [ink] = placeStrokes(page([line(8, 0, 194)]), [across(90, 522, 200, 0)])
    expect(ink?.y1).toBeLessThan(194 - 12)
  })

  it('down through words stands where none are in its way', () => {
    const header = line(0, 0, 40, { part: 'header', x: 90, width: 250 })
    const [ink] = placeStrokes(page([header]), [down(0, 72, 90, 522)])
    expect(ink?.x1).toBeGreaterThan(340)
  })
})

describe('strokes in the margin', () => {
  const pitch = down(90, 104, 90, 0, { asked: 118, is: '1 line', ought: '2 lines' })

  it('say what their reading says, both in one label', () => {
    const drawn = placeStrokes(words, [pitch])
    expect(drawn.map(({ kind, y1, y2 }) => [kind, y1, y2])).toEqual([
      ['is', 90, 104],
      ['asked', 90, 118],
    ])
    expect(drawn.map(textOf)).toEqual(['1 line → 2 lines', undefined])
  })

  it('stand beside each other where they would touch, and no label lies over another or over a line', () => {
    const drawn = placeStrokes(words, [down(90, 104, 90, 0), down(92, 110, 90, 0), down(106, 120, 90, 0)])
    expect(drawn[0]?.x1).not.toBe(drawn[1]?.x1)
    const [one, , other] = drawn.map(({ label }) => label?.box)
    expect(one && other && overlap(one, other)).toBe(false)
  })

  it('too short for a label, or asked to be nothing, are said in one', () => {
    const indent = across(90, 126, 140, 124, { asked: 162, is: '0.5 in', ought: '1 in' })
    expect(placeStrokes(words, [indent]).map(textOf)).toEqual(['0.5 in → 1 in'])
    const gap = down(109, 129, 90, 0, { asked: 109, is: '20 pt', ought: '0 pt' })
    expect(placeStrokes(words, [gap]).map(textOf)).toEqual(['20 pt → 0 pt'])
  })

  it('have no label where there is no room for one', () => {
    const narrow = page([], { left: 30 })
    const [ink, ...others] = placeStrokes(narrow, [down(90, 104, 30, 0, { is: '1.15 lines' })])
    expect(ink).toMatchObject({ y1: 90, y2: 104 })
    expect(ink?.label).toBeUndefined()
    expect(others).toEqual([])
  })
})
