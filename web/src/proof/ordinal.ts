const NAMES = ['First', 'Second', 'Third', 'Fourth', 'Fifth', 'Sixth', 'Seventh', 'Eighth', 'Ninth', 'Tenth']
const RULES = new Intl.PluralRules('en', { type: 'ordinal' })
const ENDINGS: Partial<Record<Intl.LDMLPluralRule, string>> = { one: 'st', two: 'nd', few: 'rd' }

/** The name of a proof by its number. */
export function ordinal(number: number): string {
  return NAMES[number - 1] ?? `${number}${ENDINGS[RULES.select(number)] ?? 'th'}`
}
