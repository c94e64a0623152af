import { describe, expect, it } from 'vitest'
import { dimensionsOf } from './dimensions'
import { finding, line, page } from './fixtures'

describe('dimension lines of the sheet', () => {
  const drawn = dimensionsOf('sheet', page([line(5, 0, 90)]), [finding('sheet.margins', 'left')], 'inches')

  it('measure every margin and the header as the page has them', () => {
    const labels = Object.fromEntries(
      drawn.filter((each) => each.kind === 'is').map((each) => [each.key, each.label]),
    )
    expect(labels).toEqual({
      left: '1.25 in',
      right: '1.25 in',
      top: '1 in',
      bottom: '1 in',
      header: '0.4 in',
    })
  })

  it('show what is asked only where it differs, to scale', () => {
    const asked = drawn.filter((each) => each.kind === 'asked')
    expect(asked).toHaveLength(1)
    expect(asked[0]).toMatchObject({ x1: 0, x2: 72, label: '1 in' })
  })
})

describe('dimension lines of the spacing', () => {
  const reading = finding('spacing.line', 'line', {
    is: { text: '1 line', number: 1 },
    asked: { text: '2 lines', number: 2 },
  })
  const lines = [line(5, 0, 90, { x: 126 }), line(5, 1, 104)]

  it('run from baseline to baseline, the asked one twice as far', () => {
    const drawn = dimensionsOf('spacing', page(lines), [reading], 'inches')
    expect(drawn.find((each) => each.key === 'pitch')).toMatchObject({ y1: 90, y2: 104, label: '1 line' })
    expect(drawn.find((each) => each.key === 'pitch-asked')).toMatchObject({ y1: 90, y2: 118 })
  })

  it('show the indent of a paragraph, not of a centred line', () => {
    const centred = line(4, 0, 76, { x: 150 })
    const drawn = dimensionsOf('spacing', page([centred, ...lines]), [], 'inches')
    expect(drawn.find((each) => each.key === 'first-line')).toMatchObject({
      x1: 90,
      x2: 124,
      label: '0.5 in',
    })
  })
})
