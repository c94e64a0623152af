import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { finding, line, page, place, run } from '../fixtures'
import type { Stroke } from '../useProof'
import { DimensionLines } from './DimensionLines'
import { marksOn } from './marks'
import { MarkSigns } from './MarkSigns'
import { slipsOn } from './notes'
import { SheetPage } from './SheetPage'
import { Space } from './space'
import { placeStrokes } from './strokes'

afterEach(cleanup)

const gap = finding('spacing.paragraph-gap', 'after', {
  sign: 'close-up',
  edge: 'after',
  note: 'close 8 pt',
  name: 'Space after',
  is: { text: '8 pt', twips: 160 },
  places: [place({ page: 1, paragraph: 5, quote: '' })],
})
const left = finding('sheet.margins', 'left', { places: [] })
const margin: Stroke = {
  quantity: 'left',
  axis: 'across',
  reading: left.key,
  from: 0,
  to: 90,
  asked: 72,
  is: '1.25 in',
  ought: '1 in',
  near: 72,
  far: 720,
}
const sheet = page([line(5, 0, 100)])

function show(lit: string | null = null, readings = [gap]) {
  const onChoose = vi.fn()
  const onLit = vi.fn()
  const space = new Space(sheet)
  const dimensions = placeStrokes(sheet, [margin], 9, space)
  const marks = marksOn(sheet, readings, dimensions)
  const { container } = render(
    <SheetPage page={sheet} pictures="/api/papers/0c5d/picture" scale={1}>
      <DimensionLines dimensions={dimensions} size={9} lit={lit} onLit={onLit} />
      <MarkSigns
        marks={marks}
        slips={slipsOn(sheet, marks, 9, space)}
        size={9}
        page={sheet}
        chosen={null}
        lit={lit}
        onChoose={onChoose}
        onLit={onLit}
      />
    </SheetPage>,
  )
  return { container, onChoose, onLit }
}

const dimension = (container: HTMLElement) => container.querySelector(`[data-reading="${left.key}"]`)

describe('a page', () => {
  it('draws each run where the layout has it, in the very face it was measured with', () => {
    show()
    const text = screen.getByText('In all three novels')
    expect(text.closest<SVGElement>('.sheet-line')?.style.transform).toBe('translate(90px, 100px)')
    expect(text.getAttribute('x')).toBe('0')
    expect(text.getAttribute('font-family')).toBe("'LiberationSerif-Regular'")
  })

  it('keeps dimension lines out of the way of screen readers, which get the ledger', () => {
    show()
    for (const label of screen.getAllByText('1 in')) {
      expect(label.closest('[aria-hidden]')).toBeTruthy()
    }
  })

  it('has its marks as a list, each to be chosen by keyboard as by pointer', () => {
    const { onChoose } = show()
    const marks = screen.getByRole('list', { name: 'Marks on page 1' })
    expect(marks.querySelectorAll('[role=listitem]')).toHaveLength(1)
    const mark = screen.getByRole('button', { name: 'Mark: Space after: close 8 pt' })
    fireEvent.keyDown(mark, { key: 'Enter' })
    fireEvent.click(mark)
    expect(onChoose).toHaveBeenCalledTimes(2)
  })

  it('is one stop for the keyboard, with arrows from mark to mark', () => {
    const wide = { ...gap, key: 'spacing.line/line', name: 'Line spacing', note: '2 lines' }
    show(null, [gap, wide])
    const [first, second] = screen.getAllByRole('button', { name: /^Mark/ })
    expect([first?.tabIndex, second?.tabIndex]).toEqual([0, -1])
    first?.focus()
    fireEvent.keyDown(first as Element, { key: 'ArrowDown' })
    expect(document.activeElement).toBe(second)
  })

  it('ties marks and dimension lines to their readings, both ways', () => {
    const { container, onLit } = show()
    fireEvent.focus(screen.getByRole('button', { name: /^Mark/ }))
    fireEvent.mouseEnter(dimension(container) as Element)
    expect(onLit.mock.calls).toEqual([[gap.key], [left.key]])
    cleanup()
    const lit = show(left.key).container
    expect(dimension(lit)?.hasAttribute('data-lit')).toBe(true)
    expect(screen.getByRole('button', { name: /^Mark/ }).hasAttribute('data-lit')).toBe(false)
  })
})

describe('a picture that is not drawn', () => {
  it('is a box that says what stands there', () => {
    const label = { text: 'Chart', y: 150, run: run('Chart', 190, 20) }
    const chart = { x: 100, y: 100, width: 200, height: 100, part: '', alternative: 'Bells by quay', label }
    const { container } = render(
      <SheetPage page={page([], { pictures: [chart] })} pictures="/api/papers/0c5d/picture" scale={1}>
        {null}
      </SheetPage>,
    )
    expect(screen.getByText('Chart')).toBeTruthy()
    expect(screen.getByText('Chart: Bells by quay')).toBeTruthy()
    expect(container.querySelector('image')).toBeNull()
  })
})
