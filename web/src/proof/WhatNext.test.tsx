import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { finding, station } from './fixtures'
import type { Station } from './useProof'
import { WhatNext } from './WhatNext'

afterEach(cleanup)

const safe = finding('sheet.margins', 'left')
const asks = finding('text.dashes', 'range', { fix: 'ask' })
const own = finding('sources.cited', 'entry', { fix: 'none', mendable: false, weight: 'advised' })
const met = finding('type.face', 'face', { off: false })

function show(stations: Station[], more: Partial<Parameters<typeof WhatNext>[0]> = {}) {
  const actions = {
    onPutAllRight: vi.fn(),
    onQuestions: vi.fn(),
    onNextOpen: vi.fn(),
    onLook: vi.fn(),
    onHandIn: vi.fn(),
  }
  const { container } = render(
    <WhatNext
      stations={stations}
      questions={1}
      putRight={2}
      unseen={0}
      pages={4}
      busy={false}
      {...actions}
      {...more}
    />,
  )
  return { ...actions, text: () => container.textContent }
}

describe('what is next', () => {
  it('is to put right what is safe, and it is plain what stays and for whom', () => {
    const actions = show([station('sheet', [safe, met]), station('text', [asks]), station('sources', [own])])
    expect(actions.text()).toContain('3 open, 1 of them only advised.')
    expect(actions.text()).toContain('1 the desk puts right, 1 asks for your answer, 1 only you can settle.')
    fireEvent.click(screen.getByRole('button', { name: /Put right all that is safe · 1/ }))
    expect(actions.onPutAllRight).toHaveBeenCalledOnce()
  })

  it('is then to answer, and then to see to the rest', () => {
    const asked = show([station('text', [asks]), station('sources', [own])])
    fireEvent.click(screen.getByRole('button', { name: /Answer the questions · 1/ }))
    expect(asked.onQuestions).toHaveBeenCalledOnce()
    cleanup()
    const left = show([station('sources', [own])], { questions: 0 })
    fireEvent.click(screen.getByRole('button', { name: /Show what is left · 1/ }))
    expect(left.onNextOpen).toHaveBeenCalledOnce()
  })

  it('is at last to look through the pages, and to hand in', () => {
    const looking = show([station('type', [met])], { unseen: 3 })
    expect(looking.text()).toContain('1 of 4 seen as they stand now')
    fireEvent.click(screen.getByRole('button', { name: 'Next unseen page' }))
    expect(looking.onLook).toHaveBeenCalledOnce()
    cleanup()
    const seen = show([station('type', [met])])
    expect(screen.queryByText('Next unseen page')).toBeNull()
    fireEvent.click(screen.getByRole('button', { name: 'Hand in' }))
    expect(seen.onHandIn).toHaveBeenCalledOnce()
  })
})

describe('the empty desk', () => {
  it('says what was measured and what was not, and no more', () => {
    const { text } = show([
      station('type', [met]),
      station('tables', [], { state: 'unmeasured', notBuilt: 8 }),
      station('figures', [], { state: 'unmeasured', notBuilt: 7 }),
      station('opening', [], { state: 'unmeasured', silent: ['Form of the date'] }),
    ])
    expect(text()).toContain('Nothing is open.')
    expect(text()).toContain('2 put right, 1 reading met.')
    expect(text()).toContain('Not measured yet, or only in part, in any paper: tables and figures.')
    expect(text()).toContain('Not measured in this one: form of the date.')
  })
})
