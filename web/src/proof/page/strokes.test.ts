import { describe, expect, it } from 'vitest'
import { line, page } from '../fixtures'
import type { Stroke } from '../useProof'
import { placeStrokes } from './strokes'

function across(from: number, to: number, near: number, far: number, more: Partial<Stroke> = {}): Stroke {
  return { quantity: 'q', axis: 'across', from, to, near, far, ...more }
}

function down(from: number, to: number, near: number, far: number, more: Partial<Stroke> = {}): Stroke {
  return { ...across(from, to, near, far, more), axis: 'down' }
}

const words = page([line(5, 0, 90), line(5, 1, 104)])

describe('a stroke', () => {
  it('says its own length, in the unit the person chose, where nothing else is said of it', () => {
    const [ink] = placeStrokes(words, [across(0, 90, 72, 720)], 'inches')
    expect(ink).toMatchObject({ kind: 'is', x1: 0, x2: 90, label: '1.25 in', anchor: 'middle' })
    expect(placeStrokes(words, [across(0, 90, 72, 720)], 'centimetres')[0]?.label).toBe('3.18 cm')
  })

  it('measured from the far edge is drawn from left to right all the same', () => {
    const [ink, pencil] = placeStrokes(words, [across(612, 522, 72, 720, { asked: 540 })], 'inches')
    expect(ink).toMatchObject({ x1: 522, x2: 612, label: '1.25 in' })
    expect(pencil).toMatchObject({ x1: 540, x2: 612, label: '1 in' })
  })

  it('has what is asked beside it, to scale and tied to the same reading, only where it differs', () => {
    const drawn = placeStrokes(words, [across(0, 90, 72, 720, { asked: 72, reading: 'r' })], 'inches')
    expect(drawn.map((each) => [each.kind, each.x2, each.label, each.reading])).toEqual([
      ['is', 90, '1.25 in', 'r'],
      ['asked', 72, '1 in', 'r'],
    ])
    expect(placeStrokes(words, [across(0, 90, 72, 720)], 'inches')).toHaveLength(1)
  })

  it('across words stands where none are in its way, nearest to where it belongs', () => {
    const [ink] = placeStrokes(page([line(8, 0, 194)]), [across(90, 522, 200, 0)], 'inches')
    expect(ink?.y1).toBeLessThan(194 - 12)
  })

  it('down through words stands where none are in its way', () => {
    const header = line(0, 0, 40, { part: 'header', x: 90, width: 250 })
    const [ink] = placeStrokes(page([header]), [down(0, 72, 90, 522)], 'inches')
    expect(ink?.x1).toBeGreaterThan(340)
  })
})

describe('strokes in the margin', () => {
  const pitch = down(90, 104, 90, 0, {
    asked: 118,
    is: { text: '1 line', number: 1 },
    ought: { text: '2 lines', number: 2 },
  })

  it('say what their reading says', () => {
    expect(placeStrokes(words, [pitch], 'inches').map((each) => [each.label, each.y1, each.y2])).toEqual([
      ['1 line', 90, 104],
      ['2 lines', 90, 118],
    ])
  })

  it('stand beside each other, their labels apart', () => {
    const drawn = placeStrokes(words, [down(90, 104, 90, 0), down(92, 110, 90, 0)], 'inches')
    expect(drawn[0]?.x1).not.toBe(drawn[1]?.x1)
    expect(Math.abs((drawn[0]?.labelY ?? 0) - (drawn[1]?.labelY ?? 0))).toBeGreaterThanOrEqual(11)
  })

  it('too short for a label, or asked to be nothing, are said in one', () => {
    const indent = across(90, 126, 90, 74, { asked: 162 })
    expect(placeStrokes(words, [indent], 'inches')).toMatchObject([{ label: '0.5 in → 1 in', anchor: 'end' }])
    const gap = down(109, 129, 90, 0, { asked: 109, is: { text: '20 pt' }, ought: { text: '0 pt' } })
    expect(placeStrokes(words, [gap], 'inches')).toMatchObject([{ label: '20 pt → 0 pt' }])
  })
})
