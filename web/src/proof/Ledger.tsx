import { useState } from 'react'
import { roving } from '../ui/roving'
import { useSettings } from '../ui/settings'
import { isSafe, putRightText, stationOf } from './choice'
import { LedgerHead, ReadingRow, type RowActions } from './ReadingRow'
import { type Cause, type Filter, type Hand, placesOf, sectionsOf } from './sections'
import type { Paper, Station } from './useProof'

const HEADS: Record<Hand, string> = {
  desk: 'The desk puts right',
  ask: 'Asks for your answer',
  own: 'Only you can settle',
  stet: 'Let stand',
  met: 'Met',
}

/** The readings of a station, ruled: what, is, asked, off by, under the hands that settle them; or what was put right. */
export function Ledger({
  station,
  filter,
  putRight,
  reading,
  onPutStationRight,
  ...actions
}: RowActions & {
  station: Station
  filter: Filter
  putRight: Paper['putRight']
  reading: string | null
  onPutStationRight: (station: Station) => void
}) {
  const { sorting } = useSettings()
  const [stop, setStop] = useState<string | null>(null)
  if (filter === 'put right') {
    return <PutRight readings={putRight.filter((each) => stationOf(each.rule) === station.id)} />
  }
  const sections = sectionsOf(station, filter, sorting)
  if (sections.length === 0) {
    return <Empty>{emptyText(station, filter)}</Empty>
  }
  const mendable = station.readings.filter(isSafe).length
  // The one row the tabulator comes to: where the focus was, else what is chosen, else the first.
  const rows = sections.flatMap(({ causes }) => causes.flatMap((cause) => rowsOf(cause, reading)))
  const first = [stop, reading].find((each) => each !== null && rows.includes(each)) ?? rows[0] ?? null
  return (
    // The list listens for its rows, which are buttons and have the focus.
    // eslint-disable-next-line jsx-a11y/no-static-element-interactions
    <div
      className="ml-[26px] border-y border-rule bg-base-200/40"
      onKeyDown={(event) => roving(event, '[data-row]')}
      onFocus={(event) => {
        const row = event.target instanceof HTMLElement ? event.target.dataset['row'] : undefined
        if (row) {
          setStop(row)
        }
      }}
    >
      <LedgerHead />
      {sections.map(({ hand, causes, count }) => (
        <section key={hand} aria-label={`${HEADS[hand]}: ${count}`}>
          <h3 className="flex justify-between border-b border-rule bg-base-200 px-2 pt-1.5 pb-0.5 font-sans text-[13px] font-medium text-soft">
            {HEADS[hand]} <span>{count}</span>
          </h3>
          <ul>
            {causes.map((cause) => (
              <CauseRows key={cause.rule} cause={cause} reading={reading} stop={first} {...actions} />
            ))}
          </ul>
          {hand === 'desk' && mendable > 0 && (
            <div className="flex justify-end border-b border-rule px-2 py-2">
              <button
                type="button"
                className="btn btn-pencil"
                disabled={actions.busy}
                onClick={() => onPutStationRight(station)}
              >
                Put this station right · {mendable}
              </button>
            </div>
          )}
        </section>
      ))}
      {station.notBuilt > 0 && (
        <p className="px-2 py-2 text-sm text-soft">
          {station.notBuilt} more {station.notBuilt === 1 ? 'thing is' : 'things are'} asked here that Grintel
          does not measure yet. You have to look after {station.notBuilt === 1 ? 'it' : 'them'} yourself.
        </p>
      )}
      {station.silent.length > 0 && (
        <p className="px-2 py-2 text-sm text-soft">
          Not measured here: {station.silent.join(', ')}. A fact of the paper is missing, or another reading
          comes first.
        </p>
      )}
    </div>
  )
}

const rowOf = ({ rule }: Cause) => `cause ${rule}`
const unfolds = ({ readings }: Cause, chosen: string | null) => readings.some(({ key }) => key === chosen)

/** The rows of a cause that are shown, from top to bottom. */
function rowsOf(cause: Cause, chosen: string | null): string[] {
  const keys = cause.readings.map(({ key }) => key)
  return cause.readings.length === 1 ? keys : [rowOf(cause), ...(unfolds(cause, chosen) ? keys : [])]
}

/** A reading by itself, or several of one cause as a row that unfolds. */
function CauseRows({
  cause,
  reading,
  stop,
  ...actions
}: RowActions & { cause: Cause; reading: string | null; stop: string | null }) {
  const { readings, title } = cause
  const rows = readings.map((each) => (
    <ReadingRow
      key={each.key}
      reading={each}
      open={each.key === reading}
      stop={each.key === stop}
      nested={readings.length > 1}
      {...actions}
    />
  ))
  if (readings.length === 1) {
    return rows
  }
  const open = unfolds(cause, reading)
  const places = placesOf(readings)
  return (
    <li className="border-b border-rule last:border-b-0">
      <button
        type="button"
        data-row={rowOf(cause)}
        tabIndex={stop === rowOf(cause) ? 0 : -1}
        aria-expanded={open}
        onClick={() => actions.onReading(open ? null : (readings[0]?.key ?? null))}
        className="flex w-full items-baseline justify-between gap-3 px-2 py-1.5 text-left hover:bg-base-100"
      >
        <span>
          <span aria-hidden="true" className={`mr-1.5 inline-block text-soft ${open ? 'rotate-90' : ''}`}>
            ›
          </span>
          <span>{title}</span>
          <span className="pl-1.5 text-[13px] text-soft">
            {readings.length} readings at {places} {places === 1 ? 'place' : 'places'}
            {readings.every(({ weight }) => weight === 'advised') && ', advised'}
          </span>
        </span>
        <span className="text-right whitespace-nowrap">{spanOf(cause)}</span>
      </button>
      {open && <ul className="border-t border-rule">{rows}</ul>}
    </li>
  )
}

/** The least and the greatest by which readings of a cause are off, where numbers tell it. */
function spanOf({ readings }: Cause) {
  const off = readings.map(({ offBy }) => offBy).filter((each) => each !== '')
  const sized = off.sort((one, other) => size(one) - size(other))
  const [least, most] = [sized[0], sized.at(-1)]
  return off.length < readings.length || !least || !most ? (
    <b className="text-primary">off</b>
  ) : (
    <b className="text-primary">{least === most ? most : `${least.replace(/ .*/, '')} to ${most}`}</b>
  )
}

function size(offBy: string): number {
  return Math.abs(Number.parseFloat(offBy.replace('\u2212', '-')))
}

function PutRight({ readings }: { readings: Paper['putRight'] }) {
  const { units } = useSettings()
  if (readings.length === 0) {
    return <Empty>Nothing was put right at this station.</Empty>
  }
  return (
    <ul className="ml-[26px] border-y border-rule bg-base-200/40 px-2 text-[15px]">
      {readings.map((each, index) => (
        <li key={index} className="border-b border-rule py-1.5 last:border-b-0">
          {putRightText(each, units)}
        </li>
      ))}
    </ul>
  )
}

function Empty({ children }: { children: string }) {
  return (
    <p className="border-y border-rule bg-base-200/50 py-3 pr-4 pl-[34px] text-sm text-soft">{children}</p>
  )
}

function emptyText(station: Station, filter: Filter): string {
  switch (station.state) {
    case 'absent':
      return 'The paper holds nothing that is measured here.'
    case 'unasked':
      return 'The guide asks for nothing here.'
    case 'unmeasured':
      return station.silent.length > 0
        ? `Not measured: ${station.silent.join(', ')}. A fact of the paper is missing, or another reading comes first.`
        : 'Grintel does not measure this station yet. What the guide asks of it you have to look after yourself.'
    default:
      return filter === 'open' ? 'Nothing is open at this station.' : 'Nothing stands at this station.'
  }
}
