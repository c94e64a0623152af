import type { Units } from '../ui/settings'
import { readingsOf, type Sorting } from './sections'
import type { PutRight, Reading, Station } from './useProof'

/** Off, and not let stand. */
export function isOpen(reading: Reading): boolean {
  return reading.off && reading.stet === undefined
}

/** Off, and let stand for a reason. */
export function stands(reading: Reading): boolean {
  return reading.stet !== undefined
}

/** Whether a reading can be put right wherever it is off, at once. */
export function isSafe(reading: Reading): boolean {
  return reading.mendable && reading.fix !== 'ask'
}

/** What was put right, in the unit the person chose where it is known in that. */
export function putRightText({ text, metric }: PutRight, units: Units): string {
  return units === 'centimetres' ? (metric ?? text) : text
}

/** The station of a rule, which its name begins with. */
export function stationOf(rule: string): string {
  return rule.split('.')[0] ?? ''
}

/** A place of a reading. */
export interface Spot {
  reading: Reading
  place: number
}

/**
 * The open place after or before the one chosen, in the order of work and round its ends. A chosen reading that is no
 * longer open keeps the rank of its station, so that after it was put right the work goes on where it was.
 */
export function neighbour(
  stations: Station[],
  chosen: string | null,
  place: number,
  by: 1 | -1,
  sorting: Sorting,
): Spot | undefined {
  const spots = stations.flatMap((station, rank) =>
    readingsOf(station, 'open', sorting).flatMap((reading) =>
      reading.places.map((_, index) => ({ reading, place: index, rank })),
    ),
  )
  const at = spots.findIndex((each) => each.reading.key === chosen && each.place === place)
  if (at >= 0) {
    return spots[(at + by + spots.length) % spots.length]
  }
  const rank = stations.findIndex((each) => each.readings.some((reading) => reading.key === chosen))
  const next = Math.max(
    0,
    spots.findIndex((each) => each.rank >= rank),
  )
  return spots[by > 0 ? next : (next - 1 + spots.length) % spots.length]
}
