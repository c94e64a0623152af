import { describe, expect, it } from 'vitest'
import { finding } from './fixtures'
import { lengthOfPoints, offBy, quantityText } from './units'

describe('lengths', () => {
  it('are shown in the unit the person chose', () => {
    expect(lengthOfPoints(90, 'inches')).toBe('1.25 in')
    expect(lengthOfPoints(90, 'centimetres')).toBe('3.18 cm')
    expect(quantityText({ text: '0.5 in', twips: 720 }, 'centimetres')).toBe('1.27 cm')
  })

  it('of type stay in points, and words stay words', () => {
    expect(quantityText({ text: '12 pt', twips: 240 }, 'centimetres')).toBe('12 pt')
    expect(quantityText({ text: 'justified' }, 'centimetres')).toBe('justified')
  })
})

describe('how far a reading is off', () => {
  it('has a sign and the unit of the ledger', () => {
    expect(offBy(finding('sheet.margins', 'left'), 'inches')).toBe('+0.25')
    expect(offBy(finding('sheet.margins', 'left'), 'centimetres')).toBe('+0.64')
    const lines = finding('spacing.line', 'line', {
      is: { text: '1.15 lines', number: 1.15 },
      asked: { text: '2 lines', number: 2 },
    })
    expect(offBy(lines, 'inches')).toBe('−0.85')
  })

  it('is empty where there is no number to it', () => {
    const face = finding('type.face', 'face', { is: { text: 'Cambria' }, asked: { text: 'Times New Roman' } })
    expect(offBy(face, 'inches')).toBe('')
  })
})
