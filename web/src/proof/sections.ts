import { isOpen, isSafe, stands } from './choice'
import type { Reading, Station } from './useProof'

/** Which readings the order of work shows. */
export type Filter = 'all' | 'open' | 'stet' | 'put right'

export const FILTERS: Filter[] = ['all', 'open', 'stet', 'put right']

/** In which order: what is required and stands at most places first, or as it comes on the pages. */
export type Sorting = 'worst' | 'pages'

/** Who settles a reading: the desk does, the writer is asked, only the writer can; or what became of it. */
export type Hand = 'desk' | 'ask' | 'own' | 'stet' | 'met'

/** The readings of one rule, which share a cause and a remedy. */
export interface Cause {
  rule: string
  title: string
  readings: Reading[]
}

/** The readings of a station that one hand settles. */
export interface Section {
  hand: Hand
  causes: Cause[]
  /** How many readings. */
  count: number
}

const HANDS: Hand[] = ['desk', 'ask', 'own', 'stet', 'met']

/** Whose hand settles a reading. */
export function handOf(reading: Reading): Hand {
  if (!isOpen(reading)) {
    return stands(reading) ? 'stet' : 'met'
  }
  return !reading.mendable ? 'own' : isSafe(reading) ? 'desk' : 'ask'
}

/** The readings of a station that a filter lets through, by hands and causes, in the order that is chosen. */
export function sectionsOf(station: Station, filter: Filter, sorting: Sorting): Section[] {
  return HANDS.filter(
    (hand) => filter === 'all' || ((filter === 'stet') === (hand === 'stet') && hand !== 'met'),
  )
    .map((hand) => {
      const readings = station.readings.filter((each) => handOf(each) === hand)
      return {
        hand,
        causes: hand === 'met' ? readings.map(alone) : causesOf(readings, sorting),
        count: readings.length,
      }
    })
    .filter(({ count }) => count > 0)
}

/** All readings of a station that are shown, from top to bottom. */
export function readingsOf(station: Station, filter: Filter, sorting: Sorting): Reading[] {
  return sectionsOf(station, filter, sorting).flatMap(({ causes }) =>
    causes.flatMap(({ readings }) => readings),
  )
}

function alone(reading: Reading): Cause {
  return { rule: reading.key, title: reading.title, readings: [reading] }
}

function causesOf(readings: Reading[], sorting: Sorting): Cause[] {
  const causes = new Map<string, Cause>()
  for (const reading of readings) {
    const cause = causes.get(reading.rule)
    if (cause) {
      cause.readings.push(reading)
    } else {
      causes.set(reading.rule, { rule: reading.rule, title: reading.title, readings: [reading] })
    }
  }
  const weigh = sorting === 'worst' ? worst : first
  for (const cause of causes.values()) {
    cause.readings.sort((one, other) => weigh([one]) - weigh([other]))
  }
  return [...causes.values()].sort((one, other) => weigh(one.readings) - weigh(other.readings))
}

/** The less, the worse. */
function worst(readings: Reading[]): number {
  const required = readings.some(({ weight }) => weight === 'required')
  return -(required ? 1e6 : 0) - placesOf(readings)
}

/** Where the first of some readings stands. */
function first(readings: Reading[]): number {
  return Math.min(
    ...readings.flatMap(({ places }) => places.map(({ page, paragraph }) => page * 1e5 + paragraph)),
  )
}

/** At how many places some readings are off. */
export function placesOf(readings: Reading[]): number {
  return readings.reduce((sum, { places }) => sum + places.length, 0)
}
