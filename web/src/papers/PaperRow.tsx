import { Link } from 'react-router'
import { openOf, when } from './shelf'
import { stationName } from './stations'
import type { PaperSummary } from './usePapers'

/** A paper with the state of each station that has anything to read. */
export function PaperRow({
  paper,
  onRename,
  onUseAgain,
  onDelete,
}: {
  paper: PaperSummary
  onRename: () => void
  onUseAgain: () => void
  onDelete: () => void
}) {
  const read = paper.stations.filter((station) => station.open >= 0)
  const open = openOf(paper)
  const now = new Date()
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_auto] gap-x-6 border-b border-rule py-4 max-sm:grid-cols-1 max-sm:gap-y-2">
      <div>
        <Link
          to={`/papers/${paper.id}`}
          dir="auto"
          className="block font-title text-xl font-medium [overflow-wrap:anywhere] hover:underline"
        >
          {paper.title}
        </Link>
        <p className="[overflow-wrap:anywhere] text-soft">
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
      <div className="flex flex-col items-end justify-between gap-1 text-right max-sm:items-start max-sm:text-left">
        <p>
          {open > 0 ? (
            <>
              <b className="text-primary">{open}</b> open
            </>
          ) : (
            'nothing open'
          )}
        </p>
        <p className="text-sm text-soft">
          brought {when(paper.createdAt, now)}
          {paper.changedAt !== paper.createdAt && (
            <span className="block">touched {when(paper.changedAt, now)}</span>
          )}
        </p>
        <p className="flex gap-4 text-sm text-soft">
          <button type="button" className="underline hover:text-base-content" onClick={onRename}>
            Rename<span className="sr-only"> {paper.title}</span>
          </button>
          <button type="button" className="underline hover:text-base-content" onClick={onUseAgain}>
            Use again<span className="sr-only"> {paper.title}</span>
          </button>
          <button type="button" className="underline hover:text-error" onClick={onDelete}>
            Delete<span className="sr-only"> {paper.title}</span>
          </button>
        </p>
      </div>
    </li>
  )
}
