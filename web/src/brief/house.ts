import type { Schemas } from '../api/client'

export type Common = Schemas['CommonDifference']
export type Asks = Schemas['GuideAsksView']
export type Rules = Schemas['HouseChoice']['rules']
export type House = Schemas['HouseChoice']

/** Something that can be asked otherwise, as it is offered to who looks for it. */
export interface Offer {
  key: string
  words: string
  /** A word on what it is about, where its own words do not say. */
  about?: string
  /** What choosing it asks, or the value it opens to be set. */
  rules?: Rules
  value?: { rule: string; name: string }
}

/** House rules that say one more thing. */
export function withValue(rules: Rules, rule: string, name: string, value: unknown): Rules {
  return { ...rules, [rule]: { ...rules[rule], [name]: value } }
}

/** House rules that say nothing of a value any more. */
export function withoutValue(rules: Rules, rule: string, name: string): Rules {
  const kept = without(rules[rule] ?? {}, name)
  return Object.keys(kept).length > 0 ? { ...rules, [rule]: kept } : without(rules, rule)
}

function without<T>(named: Record<string, T>, name: string): Record<string, T> {
  return Object.fromEntries(Object.entries(named).filter(([each]) => each !== name))
}

/** House rules with those of another set over them. */
export function merged(rules: Rules, over: Rules): Rules {
  return Object.entries(over).reduce<Rules>(
    (all, [rule, said]) => ({ ...all, [rule]: { ...all[rule], ...said } }),
    rules,
  )
}

/** What the guide with the house rules over it says of a value. */
export function said(asks: Asks, rules: Rules, rule: string, name: string): unknown {
  const own = rules[rule]?.[name]
  if (own !== undefined) {
    return own
  }
  const ask = asks.rules.find((each) => each.rule === rule)
  return name === 'weight' ? ask?.weight : ask?.values.find((each) => each.name === name)?.given
}

/** What a phrase asks of this guide; nothing where the guide asks that already or has no place for it. */
export function rulesOf({ rules, adds }: Common, asks: Asks, house: Rules): Rules | null {
  if (!adds) {
    const anew = Object.entries(rules).some(([rule, values]) =>
      Object.entries(values).some(
        ([name, value]) => JSON.stringify(said(asks, house, rule, name)) !== JSON.stringify(value),
      ),
    )
    return anew ? rules : null
  }
  const weight = said(asks, house, adds.rule, 'weight')
  const list = said(asks, house, adds.rule, adds.value)
  return weight !== 'not-asked' && Array.isArray(list) && !list.includes(adds.item)
    ? { [adds.rule]: { [adds.value]: [...(list as unknown[]), adds.item] } }
    : null
}

const wordsIn = (text: string) => text.toLowerCase().match(/[\p{L}\p{N}.]+/gu) ?? []

/** What can be asked otherwise that holds all the words looked for: phrases first, then single values. */
export function offers(sought: string, common: Common[], asks: Asks, house: Rules): Offer[] {
  const words = wordsIn(sought)
  if (words.length === 0) {
    return []
  }
  const holds = (text: string) => {
    const there = wordsIn(text)
    return words.every((word) => there.some((each) => each.startsWith(word)))
  }
  const phrases = common.flatMap((each): Offer[] => {
    const rules = holds(`${each.words} ${each.also.join(' ')}`) ? rulesOf(each, asks, house) : null
    return rules ? [{ key: each.words, words: each.words, rules }] : []
  })
  const values = asks.rules.flatMap((ask): Offer[] => [
    ...ask.values
      .filter((value) => holds(`${ask.title} ${value.name} ${value.about}`))
      .map((value) => ({
        key: `${ask.rule} ${value.name}`,
        words: `${ask.title}: ${value.name.replaceAll('-', ' ')}`,
        about: value.about,
        value: { rule: ask.rule, name: value.name },
      })),
    ...(holds(`${ask.title} weight required advised not asked`)
      ? [
          {
            key: `${ask.rule} weight`,
            words: `${ask.title}: required, advised or not asked`,
            value: { rule: ask.rule, name: 'weight' },
          },
        ]
      : []),
  ])
  return [...phrases, ...values]
}
