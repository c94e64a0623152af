import { Link } from 'react-router'
import { stationName } from './stations'
import type { PaperSummary } from './usePapers'

const DATE = new Intl.DateTimeFormat('en', {
  day: 'numeric',
  month: 'long',
  hour: 'numeric',
  minute: '2-digit',
})

/** A paper with the state of each station that has anything to read. */
export function PaperRow({ paper, onDelete }: { paper: PaperSummary; onDelete: () => void }) {
  const read = paper.stations.filter((station) => station.open >= 0)
  const open = read.reduce((sum, station) => sum + station.open, 0)
  return (
    <li className="grid grid-cols-[1fr_auto] gap-x-6 border-b border-rule py-4">
      <div>
        <Link to={`/papers/${paper.id}`} className="font-title text-xl font-medium hover:underline">
          {paper.title}
        </Link>
        <p className="text-soft">
          {paper.fileName} · {paper.guide} · {paper.pages} {paper.pages === 1 ? 'page' : 'pages'} ·{' '}
          {paper.words.toLocaleString('en')} words
        </p>
        <ul className="mt-2 flex flex-wrap gap-x-5 gap-y-1 text-sm" aria-label="Stations">
          {read.map((station) => (
            <li key={station.id} className={station.open > 0 ? '' : 'text-soft'}>
              {stationName(station.id)}{' '}
              {station.open > 0 ? <b className="text-primary">{station.open}</b> : <span>met</span>}
            </li>
          ))}
        </ul>
      </div>
      <div className="flex flex-col items-end justify-between text-right">
        <p>
          {open > 0 ? (
            <>
              <b className="text-primary">{open}</b> open
            </>
          ) : (
            'nothing open'
          )}
        </p>
        <p className="text-sm text-soft">{DATE.format(new Date(paper.changedAt))}</p>
        <button type="button" className="text-sm text-soft underline hover:text-error" onClick={onDelete}>
          Delete<span className="sr-only"> {paper.title}</span>
        </button>
      </div>
    </li>
  )
}
