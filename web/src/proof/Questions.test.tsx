import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { finding, modalDialogs, paperOf, place, station } from './fixtures'
import { Questions, questionsOf } from './Questions'
import type { Station } from './useProof'

beforeEach(() => {
  modalDialogs()
  vi.stubGlobal('fetch', () =>
    Promise.resolve(
      Response.json({
        id: 'w',
        finished: true,
        stage: '',
        ahead: 0,
        words: [{ where: 'Text', page: 1, before: 'Lamps On', after: 'Lamps on', moved: false }],
      }),
    ),
  )
})
afterEach(cleanup)

const ask = { ...place(), fix: 'ask' }
const stations: Station[] = [
  station('opening', [
    finding('opening.title-case', 'case', {
      name: 'Case of the title',
      fix: 'ask',
      message: 'The title reads so.',
      places: [{ ...ask, anchor: 'one' }],
    }),
    finding('opening.date-form', 'date', { fix: 'apparatus' }),
  ]),
  station('text', [
    finding('text.dashes', 'range', {
      name: 'Ranges of numbers',
      fix: 'ask',
      message: 'A hyphen parts them.',
      places: [
        { ...ask, anchor: 'two' },
        { ...ask, anchor: 'three' },
      ],
    }),
  ]),
]

function show(of = stations) {
  const actions = { onShow: vi.fn(), onPutRight: vi.fn(), onStet: vi.fn(), onClose: vi.fn() }
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Questions paper={paperOf()} stations={of} busy={false} problem={null} {...actions} />
    </QueryClientProvider>,
  )
  return actions
}

it('gathers only what waits for an answer, place by place', () => {
  expect(questionsOf(stations).map(({ place: { anchor } }) => anchor)).toEqual(['one', 'two', 'three'])
})

it('asks one after the other, with what would change at that place', async () => {
  const actions = show()
  expect(screen.getByText('3 questions')).toBeDefined()
  expect(await screen.findByRole('row', { name: /Lamps on$/ })).toBeDefined()
  fireEvent.click(screen.getByText('Put right here'))
  expect(actions.onPutRight).toHaveBeenCalledWith(questionsOf(stations)[0])
  fireEvent.click(screen.getByText('Later'))
  expect(screen.getByText('A hyphen parts them.')).toBeDefined()
  fireEvent.click(screen.getByText('Later'))
  fireEvent.click(screen.getByText('Later'))
  expect(screen.getByText('You put 3 questions off; they stay open.')).toBeDefined()
})

it('lets a reading stand for a reason', () => {
  const actions = show()
  fireEvent.click(screen.getByText('Let it stand'))
  fireEvent.change(screen.getByLabelText('Why it stands'), { target: { value: 'a name' } })
  fireEvent.click(screen.getByText('Let it stand'))
  expect(actions.onStet.mock.calls[0]?.[1]).toBe('a name')
})

it('says when nothing is asked any more', () => {
  show([])
  expect(screen.getByText('No question is open.')).toBeDefined()
})
