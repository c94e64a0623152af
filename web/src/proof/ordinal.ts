const ORDINALS = [
  'First',
  'Second',
  'Third',
  'Fourth',
  'Fifth',
  'Sixth',
  'Seventh',
  'Eighth',
  'Ninth',
  'Tenth',
]

/** The name of a proof by its number. */
export function ordinal(number: number): string {
  return ORDINALS[number - 1] ?? `${number}th`
}
