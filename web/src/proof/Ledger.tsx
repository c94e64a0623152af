import { type Filter, isSafe, shownReadings, stationOf } from './choice'
import { LedgerHead, ReadingRow, type RowActions } from './ReadingRow'
import type { Paper, Station } from './useProof'

/** The readings of a station, ruled: what, is, asked, off by; or what was put right there. */
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
  if (filter === 'put right') {
    return (
      <PutRight
        texts={putRight.filter((each) => stationOf(each.rule) === station.id).map(({ text }) => text)}
      />
    )
  }
  const shown = shownReadings(station, filter)
  if (shown.length === 0) {
    return <Empty>{emptyText(station, filter)}</Empty>
  }
  const mendable = station.readings.filter(isSafe).length
  return (
    <div className="ml-[26px] border-y border-rule bg-base-200/40">
      <LedgerHead />
      <ul>
        {shown.map((each) => (
          <ReadingRow key={each.key} reading={each} open={each.key === reading} {...actions} />
        ))}
      </ul>
      {mendable > 0 && filter !== 'stet' && (
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

function PutRight({ texts }: { texts: string[] }) {
  if (texts.length === 0) {
    return <Empty>Nothing was put right at this station.</Empty>
  }
  return (
    <ul className="ml-[26px] border-y border-rule bg-base-200/40 px-2 text-[15px]">
      {texts.map((text, index) => (
        <li key={index} className="border-b border-rule py-1.5 last:border-b-0">
          {text}
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
  if (station.state === 'none') {
    return 'Nothing is asked at this station yet, or the paper holds nothing of the kind.'
  }
  return filter === 'open' ? 'Nothing is open at this station.' : 'Nothing stands at this station.'
}
