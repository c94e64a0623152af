import { stationName } from '../papers/stations'
import type { Units } from '../ui/settings'
import { Ledger } from './Ledger'
import type { Reading, Station } from './useProof'

/** The order of work on its rod; the chosen station unfolds in place. */
export function OrderOfWork({
  stations,
  chosen,
  reading,
  units,
  busy,
  onStation,
  onReading,
  onPutRight,
  onNextPlace,
  onPutStationRight,
}: {
  stations: Station[]
  chosen: string
  reading: string | null
  units: Units
  busy: boolean
  onStation: (id: string) => void
  onReading: (key: string | null) => void
  onPutRight: (reading: Reading) => void
  onNextPlace: (reading: Reading) => void
  onPutStationRight: (station: Station) => void
}) {
  const open = stations.reduce((sum, station) => sum + station.open, 0)
  return (
    <section aria-label="Order of work" className="overflow-y-auto border-r border-rule bg-base-100 pb-6">
      <div className="flex items-baseline justify-between px-4 pt-3 pb-1.5">
        <h2 className="text-[17px]">Order of work</h2>
        <span className="text-sm text-soft">{open > 0 ? `${open} open` : 'nothing open'}</span>
      </div>
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
              <StationState station={station} />
            </button>
            {station.id === chosen && (
              <Ledger
                station={station}
                reading={reading}
                units={units}
                busy={busy}
                onReading={onReading}
                onPutRight={onPutRight}
                onNextPlace={onNextPlace}
                onPutStationRight={onPutStationRight}
              />
            )}
          </li>
        ))}
      </ol>
    </section>
  )
}

function StationState({ station }: { station: Station }) {
  if (station.state === 'open') {
    return (
      <b className="text-primary">
        {station.open}
        <span className="sr-only"> open</span>
      </b>
    )
  }
  return <span className="text-sm text-soft">{station.state}</span>
}
