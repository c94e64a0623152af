import { describe, expect, it } from 'vitest'
import { type Asks, type Common, merged, offers, rulesOf, said, withoutValue, withValue } from './house'

const asks: Asks = {
  id: 'apa-7-student',
  name: 'APA 7',
  rules: [
    {
      rule: 'spacing.line',
      station: 'spacing',
      title: 'Line spacing',
      weight: 'required',
      values: [{ name: 'multiple', about: 'baseline to baseline', schema: {}, given: 2, told: '2' }],
    },
    {
      rule: 'opening.title-page-parts',
      station: 'opening',
      title: 'Title page',
      weight: 'required',
      values: [
        {
          name: 'parts',
          about: 'what stands on it',
          schema: {},
          given: ['title', 'author'],
          told: 'title, author',
        },
      ],
    },
  ],
}
const half: Common = {
  words: 'Lines one and a half apart',
  also: ['spacing'],
  rules: { 'spacing.line': { multiple: 1.5 } },
}
const date: Common = {
  words: 'The date too, on the title page',
  also: [],
  rules: {},
  adds: { rule: 'opening.title-page-parts', value: 'parts', item: 'date' },
}

describe('house rules', () => {
  it('say more and less', () => {
    const more = withValue({}, 'spacing.line', 'multiple', 1.5)
    expect(more).toEqual({ 'spacing.line': { multiple: 1.5 } })
    expect(withoutValue(more, 'spacing.line', 'multiple')).toEqual({})
    expect(
      withoutValue(withValue(more, 'spacing.line', 'weight', 'advised'), 'spacing.line', 'multiple'),
    ).toEqual({
      'spacing.line': { weight: 'advised' },
    })
    expect(merged(more, { 'spacing.line': { weight: 'advised' } })).toEqual({
      'spacing.line': { multiple: 1.5, weight: 'advised' },
    })
  })

  it('are read over what the guide says', () => {
    expect(said(asks, {}, 'spacing.line', 'multiple')).toBe(2)
    expect(said(asks, { 'spacing.line': { multiple: 1 } }, 'spacing.line', 'multiple')).toBe(1)
    expect(said(asks, {}, 'spacing.line', 'weight')).toBe('required')
  })

  it('put a line to the list the guide has, once', () => {
    const rules = rulesOf(date, asks, {})
    expect(rules).toEqual({ 'opening.title-page-parts': { parts: ['title', 'author', 'date'] } })
    expect(rulesOf(date, asks, rules ?? {})).toBeNull()
    expect(rulesOf(half, asks, { 'spacing.line': { multiple: 1.5 } })).toBeNull()
  })

  it('are found by what one says, phrases before single values', () => {
    expect(offers('', [half, date], asks, {})).toEqual([])
    expect(offers('date too', [half, date], asks, {}).map(({ words }) => words)).toEqual([
      'The date too, on the title page',
    ])
    expect(offers('spac', [half, date], asks, {}).map(({ words }) => words)).toEqual([
      'Lines one and a half apart',
      'Line spacing: multiple',
      'Line spacing: required, advised or not asked',
    ])
  })
})
