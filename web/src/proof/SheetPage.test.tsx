import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { dimensionsOf } from './dimensions'
import { finding, line, page } from './fixtures'
import { marksOn } from './marks'
import { SheetPage } from './SheetPage'

afterEach(cleanup)

const gap = finding('spacing.paragraph-gap', 'after', {
  is: { text: '8 pt', twips: 160 },
  places: [{ part: 'text', page: 1, paragraph: 5, quote: '' }],
})
const sheet = page([line(5, 0, 100)])

function show() {
  const onMark = vi.fn()
  render(
    <SheetPage
      page={sheet}
      paper="0c5d"
      scale={1}
      dimensions={dimensionsOf('sheet', sheet, [], 'inches')}
      marks={marksOn(sheet, [gap], 'inches')}
      chosenMark={null}
      onMark={onMark}
    />,
  )
  return onMark
}

describe('a page', () => {
  it('draws each run where the layout has it, in the very face it was measured with', () => {
    show()
    const text = screen.getByText('In all three novels')
    expect(text.getAttribute('x')).toBe('90')
    expect(text.getAttribute('y')).toBe('100')
    expect(text.getAttribute('font-family')).toBe("'LiberationSerif-Regular'")
  })

  it('keeps dimension lines out of the way of screen readers, which get the ledger', () => {
    show()
    for (const label of screen.getAllByText('1 in')) {
      expect(label.closest('[aria-hidden]')).toBeTruthy()
    }
  })

  it('lets a mark be chosen by keyboard as by pointer', () => {
    const onMark = show()
    const mark = screen.getByRole('button', { name: 'Mark: close 8 pt' })
    fireEvent.keyDown(mark, { key: 'Enter' })
    fireEvent.click(mark)
    expect(onMark).toHaveBeenCalledTimes(2)
  })
})
