import { describe, expect, it } from 'vitest'
import { nextZoom, scaleOf } from './zoom'

const letter = [{ width: 612, height: 792 }]

describe('the size of the pages', () => {
  it('fits the width of the desk, or the whole page, or is that of paper', () => {
    const desk = { width: 676, height: 800 }
    expect(scaleOf('width', letter, desk)).toBeCloseTo((676 - 2 * 20.28) / 612)
    expect(scaleOf('page', letter, desk)).toBeCloseTo((800 - 44) / 792)
    expect(scaleOf('actual', letter, desk)).toBeCloseTo(4 / 3)
  })

  it('has bounds, and fits the largest page', () => {
    expect(scaleOf('width', letter, { width: 4000, height: 800 })).toBe(2)
    expect(scaleOf('page', letter, { width: 700, height: 60 })).toBe(0.3)
    const mixed = [...letter, { width: 1224, height: 792 }]
    expect(scaleOf('width', mixed, { width: 1288, height: 800 })).toBeCloseTo(1)
  })

  it('goes round', () => {
    expect(nextZoom(nextZoom(nextZoom('width')))).toBe('width')
  })
})
