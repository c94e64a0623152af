const UNITS = ['bytes', 'kB', 'MB', 'GB'] as const

/** A number of bytes as people say it, in steps of 1024. */
export function size(bytes: number): string {
  let value = bytes
  let unit = 0
  while (value >= 1024 && unit < UNITS.length - 1) {
    value /= 1024
    unit += 1
  }
  return `${unit === 0 || value >= 10 ? Math.round(value) : Math.round(value * 10) / 10} ${UNITS[unit]}`
}
