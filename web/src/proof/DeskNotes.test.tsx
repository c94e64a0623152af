import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { DeskNotes, WorkNote } from './DeskNotes'
import type { Layout } from './useProof'

afterEach(cleanup)

const exact: Layout = { pages: [], faces: [], remarks: [], oddities: [] }

function show(more: Partial<Parameters<typeof DeskNotes>[0]> = {}) {
  const actions = { onUndo: vi.fn(), onClose: vi.fn() }
  const { container } = render(
    <DeskNotes problem={null} outcome={null} layout={exact} {...actions} {...more} />,
  )
  return { ...actions, container }
}

describe('the notes above the pages', () => {
  it('are none where there is nothing to say', () => {
    expect(show().container.textContent).toBe('')
  })

  it('tell what one step put right and changed in the file, and take it back', () => {
    const actions = show({
      outcome: {
        done: [{ rule: 'sheet.margins', text: 'Left margin: 1.25 in → 1 in' }],
        changed: ['1 section: left margin set'],
      },
    })
    expect(screen.getByText('Put right: Left margin: 1.25 in → 1 in')).toBeTruthy()
    expect(screen.getByText('In the file: 1 section: left margin set')).toBeTruthy()
    fireEvent.click(screen.getByText('Take it back'))
    fireEvent.click(screen.getByText('Close'))
    expect(actions.onUndo).toHaveBeenCalledOnce()
    expect(actions.onClose).toHaveBeenCalledOnce()
  })

  it('are short at first where a step changed much', () => {
    const one = { rule: 'a.rule', text: 'a' }
    const changed = ['one', 'two', 'three', 'four', 'five', 'six']
    show({ outcome: { done: [one, one], changed } })
    expect(screen.getByText('2 readings put right')).toBeTruthy()
    expect(screen.queryByText(/five/)).toBeNull()
    fireEvent.click(screen.getByText('and 2 more'))
    expect(screen.getByText(/four; five; six/)).toBeTruthy()
  })

  it('offer nothing to take back where nothing was done', () => {
    show({ outcome: { done: [], changed: [] } })
    expect(screen.getByText('There was nothing to put right')).toBeTruthy()
    expect(screen.queryByText('Take it back')).toBeNull()
  })

  it('say that the proof is approximate, why, and what could not be honoured', () => {
    show({
      layout: {
        ...exact,
        faces: [
          { asked: 'Garamond', set: 'Liberation Serif', exact: false },
          { asked: 'Arial', set: 'Liberation Sans', exact: true },
        ],
        remarks: ['Page 3: a table is wider than the sheet.'],
        oddities: ['A piece of another file is embedded; it is carried along unread.'],
      },
    })
    expect(screen.getByText('An approximate proof')).toBeTruthy()
    expect(screen.getAllByRole('listitem').map((each) => each.textContent)).toEqual([
      'Garamond is set in Liberation Serif, the nearest face there is; lines and pages may end elsewhere.',
      'Page 3: a table is wider than the sheet.',
      'A piece of another file is embedded; it is carried along unread.',
    ])
  })

  it('say what went wrong, until that is closed', () => {
    const actions = show({ problem: new Error('The server cannot be reached.') })
    expect(screen.getByRole('alert').textContent).toContain('The server cannot be reached.')
    fireEvent.click(screen.getByText('Close'))
    expect(actions.onClose).toHaveBeenCalledOnce()
  })
})

describe('the note of work', () => {
  it('says what is being done, or how many asked before', () => {
    render(<WorkNote work={{ id: 'w', finished: false, stage: 'Examining the paper', ahead: 0 }} />)
    expect(screen.getByText('Examining the paper…')).toBeTruthy()
    cleanup()
    render(<WorkNote work={{ id: 'w', finished: false, stage: 'Waiting', ahead: 12 }} />)
    expect(screen.getByText('Waiting: 12 asked before you…')).toBeTruthy()
  })
})
