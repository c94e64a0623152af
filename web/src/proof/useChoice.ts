import { useCallback, useState } from 'react'
import { neighbour, stationOf } from './choice'
import type { Target } from './page/PageColumn'
import { readingsOf, type Sorting } from './sections'
import type { Layout, Place, Reading, Station } from './useProof'

/** Which station, reading and place are at hand, and where the desk goes to show them. */
export function useChoice(layout: Layout, stations: Station[], sorting: Sorting) {
  const firstOpen = stations.find((each) => each.open > 0) ?? stations[0]
  const [station, setStation] = useState(firstOpen?.id ?? 'sheet')
  const [chosen, setChosen] = useState<Reading | null>(
    firstOpen ? (readingsOf(firstOpen, 'open', sorting)[0] ?? null) : null,
  )
  const [place, setPlace] = useState(0)
  const [target, setTarget] = useState<Target | null>(null)
  const [said, say] = useState('')

  const goTo = useCallback((page: number, y = 0) => {
    setTarget((before) => ({ page, y, turn: (before?.turn ?? 0) + 1 }))
  }, [])

  const show = (reading: Reading, index: number) => {
    const at = reading.places[index]
    if (at) {
      setPlace(index)
      const line = layout.pages[at.page - 1]?.lines.find(
        (each) => each.part === at.part && each.paragraph === at.paragraph,
      )
      goTo(at.page, line?.top ?? 0)
      say(`${reading.name}, page ${at.page}${at.quote ? `: ${at.quote}` : ''}`)
    }
  }
  const choose = (reading: Reading, index = 0) => {
    setStation(stationOf(reading.rule))
    setChosen(reading)
    show(reading, index)
  }
  const chooseStation = (id: string) => {
    setStation(id)
    setPlace(0)
    const to = stations.find((each) => each.id === id)
    const first = to && readingsOf(to, 'open', sorting)[0]
    setChosen(first ?? null)
    if (first) {
      show(first, 0)
    }
  }
  const readings = stations.find((each) => each.id === station)?.readings ?? []
  const reading = chosen
    ? (readings.find(({ key }) => key === chosen.key) ?? heir(chosen, readings))
    : undefined
  const key = reading?.key ?? null

  return {
    station,
    key,
    place,
    target,
    said,
    say,
    goTo,
    /** Readings of the chosen station. */
    readings,
    reading,
    chooseStation,
    /** Opens the row of a reading and goes to its first place, or closes the open row. */
    chooseReading: (to: string | null) => {
      const next = readings.find((each) => each.key === to)
      setChosen(next ?? null)
      if (next) {
        show(next, 0)
      }
    },
    /** Takes a mark for chosen; the desk stays where it is. */
    chooseMark: (marked: string, index: number) => {
      setChosen(readings.find((each) => each.key === marked) ?? null)
      setPlace(index)
    },
    showPlace: (of: Reading, at: Place) =>
      choose(
        of,
        Math.max(
          0,
          of.places.findIndex(({ anchor }) => anchor === at.anchor),
        ),
      ),
    nextPlace: (of: Reading) => choose(of, of.key === key ? (place + 1) % Math.max(1, of.places.length) : 0),
    /** Goes to the station before or after, round the ends. */
    moveStation: (by: 1 | -1) => {
      const at = stations.findIndex((each) => each.id === station)
      const to = stations[(at + by + stations.length) % stations.length]
      if (to) {
        chooseStation(to.id)
      }
    },
    move: (by: 1 | -1) => {
      const to = neighbour(stations, key, place, by, sorting)
      if (to) {
        choose(to.reading, to.place)
      }
    },
  }
}

/** The reading of the same quantity where the one chosen measures something else by now, as after it was put right. */
function heir(of: Reading, readings: Reading[]): Reading | undefined {
  return readings.find((each) => each.rule === of.rule && each.quantity === of.quantity)
}
