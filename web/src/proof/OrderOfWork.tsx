import { stationName } from '../papers/stations'
import { type Filter, FILTERS, isOpen, stands, stationOf } from './choice'
import { Ledger } from './Ledger'
import { NothingOpen } from './NothingOpen'
import type { RowActions } from './ReadingRow'
import type { Paper, Station } from './useProof'

type Counts = Record<Filter, number>

/** The order of work on its rod; the chosen station unfolds in place. */
export function OrderOfWork({
  stations,
  chosen,
  filter,
  putRight,
  onStation,
  onFilter,
  onHandIn,
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
  onHandIn: () => void
  onPutStationRight: (station: Station) => void
}) {
  const counts = new Map(stations.map((station) => [station.id, countsOf(station, putRight)]))
  const total = (of: Filter) => [...counts.values()].reduce((sum, each) => sum + each[of], 0)
  return (
    <section aria-label="Order of work" className="overflow-y-auto border-r border-rule bg-base-100 pb-6">
      <h2 className="px-4 pt-3 text-[17px]">Order of work</h2>
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
      </fieldset>
      {total('open') === 0 && (
        <NothingOpen standing={total('stet')} putRight={total('put right')} onHandIn={onHandIn} />
      )}
      <ol className="border-l border-base-content/70">
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
              aria-expanded={station.id === chosen}
              onClick={() => onStation(station.id)}
              className="flex h-7 w-full items-center justify-between pr-[18px] pl-[34px] text-left hover:bg-base-200"
            >
              <span className={station.state === 'none' ? 'text-soft' : 'font-medium'}>
                {stationName(station.id)}
              </span>
              <StationState station={station} filter={filter} counts={counts.get(station.id)} />
            </button>
            {station.id === chosen && (
              <Ledger station={station} filter={filter} putRight={putRight} {...ledger} />
            )}
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
      {station.state}
    </span>
  )
}
