import { describe, expect, it } from 'vitest'
import { cut, difference, type Piece } from './difference'

const told = (pieces: Piece[]) => pieces.map(({ text, differs }) => (differs ? `[${text}]` : text)).join('')

describe('a difference', () => {
  it('is shown with a few of the words around it, and no more', () => {
    const { before, after } = difference(
      'A reader who follows the lamp from room to room -- as the heron follows the tide -- arrives at the door.',
      'A reader who follows the lamp from room to room—as the heron follows the tide—arrives at the door.',
    )
    expect(told(before)).toContain('room')
    expect(told(before)).not.toContain('A reader who')
    expect(told(after)).toContain('—')
    expect(told(after)).toMatch(/^…/)
  })

  it('of a whole is the whole, and nothing where there was nothing', () => {
    expect(told(difference('', 'Solvane #').after)).toBe('[Solvane #]')
    expect(difference('', 'Solvane #').before).toEqual([])
    expect(told(difference('Works cited', 'Works Cited').after)).toBe('Works [Cited]')
  })
})

it('a text to be known again is cut', () => {
  expect(cut('Aldren, Per.')).toBe('Aldren, Per.')
  expect(cut('x'.repeat(200))).toHaveLength(91)
})
