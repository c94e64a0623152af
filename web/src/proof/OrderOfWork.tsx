import type { ReactNode } from 'react'
import { Link, useParams } from 'react-router'
import { stationName } from '../papers/stations'
import { roving } from '../ui/roving'
import { changeSettings, useSettings } from '../ui/settings'
import { isOpen, stands, stationOf } from './choice'
import { Ledger } from './Ledger'
import type { RowActions } from './ReadingRow'
import { type Filter, FILTERS, type Sorting } from './sections'
import type { Paper, Station } from './useProof'

type Counts = Record<Filter, number>

/** What can be made for a paper, by the station it belongs to: where, and how that is called. */
const MAKERS: Record<string, [string, string]> = {
  tables: ['table', 'Make a table for this paper'],
  figures: ['figure', 'Make a figure for this paper'],
  appendices: ['appendix', 'Make an appendix for this paper'],
}

function Maker({ station }: { station: string }) {
  const { id } = useParams()
  const maker = MAKERS[station]
  return maker && id ? (
    <p className="py-1.5 pr-[18px] pl-[34px]">
      <Link className="pencil-link" to={`/papers/${id}/${maker[0]}`}>
        {maker[1]}
      </Link>
    </p>
  ) : null
}

/** The order of work on its rod; the chosen station unfolds in place. */
export function OrderOfWork({
  stations,
  chosen,
  filter,
  putRight,
  onStation,
  onFilter,
  next,
  ...ledger
}: RowActions & {
  stations: Station[]
  chosen: string
  filter: Filter
  /** What was put right since the paper was brought. */
  putRight: Paper['putRight']
  reading: string | null
  onStation: (id: string) => void
  onFilter: (filter: Filter) => void
  /** What is left and what to do next. */
  next: ReactNode
  onPutStationRight: (station: Station) => void
}) {
  const counts = new Map(stations.map((station) => [station.id, countsOf(station, putRight)]))
  const total = (of: Filter) => [...counts.values()].reduce((sum, each) => sum + each[of], 0)
  return (
    <section aria-label="Order of work" className="overflow-y-auto border-r border-rule bg-base-100 pb-6">
      <h2 className="px-4 pt-3 pb-2 text-[17px]">Order of work</h2>
      {next}
      <fieldset className="flex gap-4 px-4 pt-1 pb-2 text-sm">
        <legend className="sr-only">Readings to show</legend>
        {FILTERS.map((each) => (
          <FilterChoice
            key={each}
            filter={each}
            count={each === 'all' ? null : total(each)}
            checked={each === filter}
            onChoose={onFilter}
          />
        ))}
        <SortingChoice />
      </fieldset>
      {/* The list listens for its stations, which are buttons and have the focus. */}
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions */}
      <ol className="border-l border-base-content/70" onKeyDown={(event) => roving(event, '[data-station]')}>
        {stations.map((station) => (
          <li key={station.id} className="relative">
            <span
              aria-hidden="true"
              className={`absolute left-0 bg-base-content ${
                station.id === chosen ? 'top-0 h-7 w-[3px]' : 'top-[14px] h-px w-2.5 opacity-70'
              }`}
            />
            <button
              type="button"
              data-station={station.id}
              tabIndex={station.id === chosen ? 0 : -1}
              aria-expanded={station.id === chosen}
              onClick={() => onStation(station.id)}
              className="flex h-7 w-full items-center justify-between pr-[18px] pl-[34px] text-left hover:bg-base-200"
            >
              <span className={station.readings.length === 0 ? 'text-soft' : 'font-medium'}>
                {stationName(station.id)}
              </span>
              <StationState station={station} filter={filter} counts={counts.get(station.id)} />
            </button>
            {station.id === chosen && (
              <Ledger station={station} filter={filter} putRight={putRight} {...ledger} />
            )}
            {station.id === chosen && <Maker station={station.id} />}
          </li>
        ))}
      </ol>
    </section>
  )
}

function countsOf(station: Station, putRight: Paper['putRight']): Counts {
  return {
    all: station.readings.length,
    open: station.readings.filter(isOpen).length,
    stet: station.readings.filter(stands).length,
    'put right': putRight.filter((each) => stationOf(each.rule) === station.id).length,
  }
}

function FilterChoice({
  filter,
  count,
  checked,
  onChoose,
}: {
  filter: Filter
  count: number | null
  checked: boolean
  onChoose: (filter: Filter) => void
}) {
  return (
    <label
      className={`cursor-pointer border-b-2 pb-px has-focus-visible:outline-2 has-focus-visible:outline-offset-2 has-focus-visible:outline-primary ${
        checked ? 'border-base-content font-bold' : 'border-transparent text-soft hover:text-base-content'
      }`}
    >
      <input
        type="radio"
        name="filter"
        className="sr-only"
        checked={checked}
        onChange={() => onChoose(filter)}
      />
      {count === null ? filter : `${count} ${filter}`}
    </label>
  )
}

/** In which order the readings of a station come. */
function SortingChoice() {
  const { sorting } = useSettings()
  return (
    <label className="ml-auto flex items-center gap-1 text-soft">
      <span className="sr-only">Order of the readings</span>
      <select
        className="plain-select"
        value={sorting}
        onChange={(event) => changeSettings({ sorting: event.target.value as Sorting })}
      >
        <option value="worst">worst first</option>
        <option value="pages">by page</option>
      </select>
    </label>
  )
}

/** How a station stands, or with a filter how many readings it lets through. */
function StationState({
  station,
  filter,
  counts,
}: {
  station: Station
  filter: Filter
  counts: Counts | undefined
}) {
  const open = filter === 'all' || filter === 'open'
  if (open && station.state === 'open') {
    return (
      <b className="text-primary">
        {station.open}
        <span className="sr-only"> open</span>
      </b>
    )
  }
  if (filter === 'stet' || filter === 'put right') {
    const count = counts?.[filter] ?? 0
    return (
      <span className={`text-sm ${filter === 'stet' && count > 0 ? 'text-accent' : 'text-soft'}`}>
        {count > 0 ? count : '–'}
        <span className="sr-only"> {filter}</span>
      </span>
    )
  }
  return (
    <span className={`text-sm ${station.state === 'stet' ? 'text-accent' : 'text-soft'}`}>
      {STATES[station.state] ?? station.state}
    </span>
  )
}

/** The states of stations in words. */
const STATES: Record<string, string> = {
  absent: 'nothing there',
  unasked: 'not asked',
  unmeasured: 'not measured',
  partly: 'met in part',
}
