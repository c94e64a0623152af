import { describe, expect, it } from 'vitest'
import { ordinal } from './ordinal'

describe('the name of a proof', () => {
  it('is a word up to the tenth, then a number with its ending', () => {
    expect([1, 10, 11, 12, 13, 21, 22, 23, 111].map(ordinal)).toEqual([
      'First',
      'Tenth',
      '11th',
      '12th',
      '13th',
      '21st',
      '22nd',
      '23rd',
      '111th',
    ])
  })
})
