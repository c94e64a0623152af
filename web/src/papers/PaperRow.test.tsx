import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { EmptyDesk } from './EmptyDesk'
import { summaryOf } from './fixtures'
import { PaperRow } from './PaperRow'
import type { PaperSummary } from './usePapers'

afterEach(cleanup)

const paper = summaryOf({
  stations: [
    { id: 'sheet', open: 3 },
    { id: 'type', open: 0 },
    { id: 'notes', open: -1 },
  ],
})

function show(shown: PaperSummary) {
  const onDelete = vi.fn()
  render(
    <MemoryRouter>
      <PaperRow paper={shown} onRename={vi.fn()} onUseAgain={() => undefined} onDelete={onDelete} />
    </MemoryRouter>,
  )
  return onDelete
}

describe('a paper in the list', () => {
  it('leads to its proof and says how it stands', () => {
    show(paper)
    expect(screen.getByRole('link', { name: paper.title }).getAttribute('href')).toBe('/papers/0c5d')
    expect(screen.getByLabelText('Stations').textContent).toBe('Sheet 3Type met')
    expect(screen.getByText('lamps.docx · MLA 9 · 6 pages · 1,586 words')).toBeTruthy()
  })

  it('says when nothing is open', () => {
    show({ ...paper, pages: 1, stations: [{ id: 'sheet', open: 0 }] })
    expect(screen.getByText('nothing open')).toBeTruthy()
    expect(screen.getByText(/1 page ·/)).toBeTruthy()
  })

  it('names the paper that would be deleted', () => {
    const onDelete = show(paper)
    fireEvent.click(screen.getByRole('button', { name: /Delete.*Lamps on the Low Canal/ }))
    expect(onDelete).toHaveBeenCalledOnce()
  })
})

describe('the empty desk', () => {
  it('teaches the four steps and leads to the first', () => {
    render(
      <MemoryRouter>
        <EmptyDesk />
      </MemoryRouter>,
    )
    expect(screen.getAllByRole('listitem').map((item) => item.textContent.slice(1, 6))).toEqual([
      'Bring',
      'LookT',
      'Put r',
      'Take ',
    ])
    expect(screen.getByRole('link', { name: 'Bring a paper' }).getAttribute('href')).toBe('/bring')
  })
})
