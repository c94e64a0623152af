import { describe, expect, it } from 'vitest'
import { nameIn } from './download'

describe('the name of a file', () => {
  it('is the one the head gives, in any script', () => {
    expect(nameIn(`attachment; filename="=?UTF-8?Q?n.docx?="; filename*=UTF-8''N%C3%A4chte.docx`)).toBe(
      'Nächte.docx',
    )
  })

  it('is a plain one where the head gives none', () => {
    expect(nameIn('attachment')).toBe('paper')
  })
})
