import { cleanup, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it } from 'vitest'
import { Understood } from './Understood'
import type { Understanding } from './useBring'

afterEach(cleanup)

const plain: Understanding = {
  title: 'Fog Bells',
  surname: 'Ekwall',
  shortTitle: 'FOG BELLS',
  pages: 1,
  words: 1474,
  tables: 1,
  pictures: 2,
  notes: 0,
  comments: 0,
  trackedChanges: 0,
  approximate: [],
  oddities: [],
}

describe('what was understood', () => {
  it('counts in plain words', () => {
    render(<Understood understood={plain} />)
    expect(screen.getByText('1 page, 1,474 words')).toBeTruthy()
    expect(screen.getByText('1 table, 2 pictures, 0 notes')).toBeTruthy()
    expect(screen.queryByText('Comments')).toBeNull()
  })

  it('says what is only carried along or drawn in a stand-in', () => {
    render(
      <Understood
        understood={{
          ...plain,
          title: '',
          comments: 3,
          trackedChanges: 2,
          approximate: ['Garamond'],
          oddities: ['A piece of another file is embedded; it is carried along unread.'],
        }}
      />,
    )
    expect(screen.getByText('not found')).toBeTruthy()
    expect(screen.getByText(/3 comments, left as they are/)).toBeTruthy()
    expect(screen.getByText(/tracked changes are read as if accepted/)).toBeTruthy()
    expect(screen.getByText(/Garamond: drawn in the nearest face/)).toBeTruthy()
    expect(screen.getByText(/carried along unread/)).toBeTruthy()
  })
})
