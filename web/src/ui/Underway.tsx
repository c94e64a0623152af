import { stop, type Work } from '../api/work'

/** What is being done, or how many come before. */
export function saidOf({ stage, ahead }: Work): string {
  return ahead > 0 ? `Waiting: ${ahead} asked before you` : stage
}

/** Says what is being done, and lets it be stopped. */
export function Underway({ work }: { work: Work }) {
  return (
    <p role="status" className="flex items-baseline gap-4 text-soft">
      {saidOf(work)}…
      <button type="button" className="pencil-link" onClick={() => void stop(work)}>
        Stop
      </button>
    </p>
  )
}
