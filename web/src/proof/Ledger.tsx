import type { Units } from '../ui/settings'
import { Key } from '../ui/Key'
import { offBy, quantityText } from './units'
import type { Reading, Station } from './useProof'

interface Actions {
  units: Units
  busy: boolean
  onReading: (key: string | null) => void
  onPutRight: (reading: Reading) => void
  onNextPlace: (reading: Reading) => void
}

/** The readings of a station, ruled: what, is, asked, off by. The chosen row opens. */
export function Ledger({
  station,
  reading,
  onPutStationRight,
  ...actions
}: Actions & { station: Station; reading: string | null; onPutStationRight: (station: Station) => void }) {
  const mendable = station.readings.filter((each) => each.mendable).length
  if (station.readings.length === 0) {
    return (
      <p className="border-y border-rule bg-base-200/50 py-3 pr-4 pl-[34px] text-sm text-soft">
        {emptyText(station)}
      </p>
    )
  }
  const sorted = [...station.readings].sort((one, other) => Number(other.off) - Number(one.off))
  return (
    <div className="ml-[26px] border-y border-rule bg-base-200/40">
      <div
        className="grid grid-cols-[1fr_84px_84px_64px] border-b border-base-content px-2 py-1 text-right text-[13px] text-soft"
        aria-hidden="true"
      >
        <span className="text-left">Reading</span>
        <span>Is</span>
        <span>Asked</span>
        <span>Off by</span>
      </div>
      <ul>
        {sorted.map((each) => (
          <Row key={each.key} reading={each} open={each.key === reading} {...actions} />
        ))}
      </ul>
      {mendable > 0 && (
        <div className="flex justify-end px-2 py-2">
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
    </div>
  )
}

function emptyText(station: Station): string {
  return station.state === 'none'
    ? 'Nothing is asked at this station yet, or the paper holds nothing of the kind.'
    : ''
}

function Row({
  reading,
  open,
  units,
  busy,
  onReading,
  onPutRight,
  onNextPlace,
}: Actions & { reading: Reading; open: boolean }) {
  const is = quantityText(reading.is, units)
  const asked = quantityText(reading.asked, units)
  const long = is.length > 11 || asked.length > 11
  return (
    <li className={`border-b border-rule last:border-b-0 ${open ? 'bg-base-100' : ''}`}>
      <button
        type="button"
        aria-expanded={open}
        onClick={() => onReading(open ? null : reading.key)}
        className={`grid w-full grid-cols-[1fr_84px_84px_64px] items-baseline gap-y-0.5 px-2 py-1.5 text-right hover:bg-base-100 ${
          reading.off ? '' : 'text-soft'
        }`}
      >
        <span className={`text-left ${long ? 'col-span-3' : ''}`}>{reading.name}</span>
        {!long && (
          <>
            <span className={reading.off ? 'font-bold' : ''}>
              <span className="sr-only">is </span>
              {is}
            </span>
            <span>
              <span className="sr-only">asked </span>
              {asked}
            </span>
          </>
        )}
        <span className={reading.off ? 'font-bold text-primary' : 'text-sm'}>{state(reading, units)}</span>
        {long && (
          <span className="col-span-4 text-left text-sm">
            <span className={reading.off ? 'font-bold' : ''}>{is}</span>
            {reading.off && <span className="text-soft"> · asked {asked}</span>}
          </span>
        )}
      </button>
      {open && (
        <div className="px-2 pb-3 text-[15px] leading-snug">
          <p>
            {reading.off ? `${reading.message} ` : ''}
            {reading.why} <i className="text-soft">{reading.source}</i>
            {reading.weight === 'advised' && <span className="text-soft"> · advised</span>}
          </p>
          {reading.off && (
            <div className="mt-2 flex flex-wrap items-center gap-x-5 gap-y-1">
              {reading.mendable && (
                <button
                  type="button"
                  className="pencil-link"
                  disabled={busy}
                  onClick={() => onPutRight(reading)}
                >
                  Put right
                </button>
              )}
              {reading.places.length > 0 && (
                <button type="button" className="pencil-link" onClick={() => onNextPlace(reading)}>
                  {reading.places.length > 1 ? `Next of ${reading.places.length} places` : 'Show the place'}
                </button>
              )}
              {reading.mendable && (
                <span className="ml-auto">
                  <Key name="P" />
                </span>
              )}
            </div>
          )}
        </div>
      )}
    </li>
  )
}

function state(reading: Reading, units: Units): string {
  if (!reading.off) {
    return 'met'
  }
  const difference = offBy(reading, units)
  if (difference) {
    return difference
  }
  return reading.places.length > 1 ? `${reading.places.length} ×` : 'off'
}
