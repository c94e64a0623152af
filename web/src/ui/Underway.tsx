import { stop, type Work } from '../api/work'

/** Says what is being done, and lets it be stopped. */
export function Underway({ work }: { work: Work }) {
  return (
    <p role="status" className="flex items-baseline gap-4 text-soft">
      {work.stage}…
      <button type="button" className="pencil-link" onClick={() => void stop(work)}>
        Stop
      </button>
    </p>
  )
}
