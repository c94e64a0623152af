import { cleanup, fireEvent, render, screen, within } from '@testing-library/react'
import { useState } from 'react'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { PartsPanel, type Said } from './PartsPanel'
import type { Block } from './useParts'

const block = (paragraph: number, kind: string, name: string, doubt: number): Block => ({
  paragraph,
  page: 1,
  kind,
  name,
  level: 0,
  words: `Words of ${paragraph}`,
  because: ['it ends as a sentence does'],
  doubt,
  corrected: false,
})

const BLOCKS = [
  block(0, 'title', 'Title', 8),
  block(1, 'paragraph', 'Paragraph', 20),
  block(2, 'heading', 'Heading', 55),
  block(3, 'paragraph', 'Paragraph', 70),
]
const KINDS = [
  { id: 'title', name: 'Title' },
  { id: 'heading', name: 'Heading' },
  { id: 'paragraph', name: 'Paragraph' },
]

beforeEach(() => {
  // Nothing is laid out here.
  Element.prototype.scrollIntoView = vi.fn()
})
afterEach(cleanup)

function Panel({ onSay }: { onSay: (said: Said) => void }) {
  const [chosen, setChosen] = useState<number[]>([])
  return (
    <PartsPanel
      blocks={BLOCKS}
      kinds={KINDS}
      chosen={chosen}
      busy={false}
      onChoose={setChosen}
      onSay={onSay}
      onClose={() => undefined}
    />
  )
}

const press = (key: string, more: object = {}) =>
  fireEvent.keyDown(screen.getByRole('listbox'), { key, ...more })

const rows = () => within(screen.getByRole('listbox')).getAllByRole('option')

test('those in doubt come first, or all as they stand', () => {
  render(<Panel onSay={() => undefined} />)
  expect(screen.getByText(/4 in all, 2 in doubt, 0 said by you/)).toBeDefined()
  expect(rows().map((row) => row.id)).toEqual(['part-3', 'part-2', 'part-0', 'part-1'])
  fireEvent.click(screen.getByRole('checkbox'))
  expect(rows().map((row) => row.id)).toEqual(['part-0', 'part-1', 'part-2', 'part-3'])
})

test('a paragraph says why it was taken for what it is, and is taken for something else', () => {
  const onSay = vi.fn()
  render(<Panel onSay={onSay} />)
  fireEvent.click(screen.getByText('Words of 1'))
  expect(screen.getByText(/it ends as a sentence does/)).toBeDefined()
  fireEvent.change(screen.getByLabelText('It is'), { target: { value: 'heading' } })
  fireEvent.change(screen.getByLabelText('Level'), { target: { value: '2' } })
  fireEvent.click(screen.getByRole('button', { name: 'Take it for this' }))
  expect(onSay).toHaveBeenCalledWith({ paragraphs: [1], kind: 'heading', level: 2 })
})

test('several are chosen and said by keyboard alone', () => {
  const onSay = vi.fn()
  render(<Panel onSay={onSay} />)
  press('Home')
  press('ArrowDown', { shiftKey: true })
  expect(screen.getByText('2 paragraphs')).toBeDefined()
  press('Enter')
  expect(document.activeElement).toBe(screen.getByLabelText('It is'))
  fireEvent.change(screen.getByLabelText('It is'), { target: { value: 'title' } })
  fireEvent.click(screen.getByRole('button', { name: 'Take them for this' }))
  expect(onSay).toHaveBeenCalledWith({ paragraphs: [3, 2], kind: 'title' })
})

test('space adds a paragraph and leaves it out again', () => {
  render(<Panel onSay={() => undefined} />)
  fireEvent.click(screen.getByText('Words of 3'))
  press('ArrowDown')
  expect(rows().filter((row) => row.getAttribute('aria-selected') === 'true')).toHaveLength(1)
  press(' ')
  expect(rows().filter((row) => row.getAttribute('aria-selected') === 'true')).toHaveLength(0)
})
