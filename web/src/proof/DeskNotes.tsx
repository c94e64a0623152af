import { useState } from 'react'
import type { Work } from '../api/work'
import { Notice } from '../ui/Notice'
import { Underway } from '../ui/Underway'
import type { Layout, Outcome } from './useProof'

const SHOWN = 4

/** What has to be said above the pages: trouble, what the last step changed, what the proof could not do. */
export function DeskNotes({
  problem,
  work,
  outcome,
  layout,
  onUndo,
  onCloseOutcome,
}: {
  problem: Error | null
  /** What is being done. */
  work: Work | null
  outcome: Outcome | null
  layout: Layout
  onUndo: () => void
  onCloseOutcome: () => void
}) {
  return (
    <>
      {problem && <Notice message={problem.message} />}
      {work && (
        <div className="border-b border-rule bg-base-100 px-4 py-1.5 text-sm">
          <Underway work={work} />
        </div>
      )}
      {outcome && <OutcomeNote outcome={outcome} onUndo={onUndo} onClose={onCloseOutcome} />}
      <Shortcomings layout={layout} />
    </>
  )
}

function OutcomeNote({
  outcome,
  onUndo,
  onClose,
}: {
  outcome: Outcome
  onUndo: () => void
  onClose: () => void
}) {
  const { done, changed } = outcome
  const [whole, setWhole] = useState(false)
  const more = changed.length - SHOWN
  return (
    <div className="flex items-start gap-4 border-b border-base-content bg-base-100 px-4 py-2 text-sm leading-snug">
      <div className="min-w-0 flex-1">
        <p className="font-bold">
          {done.length === 0
            ? 'There was nothing to put right'
            : done.length === 1
              ? `Put right: ${done[0]}`
              : `${done.length} readings put right`}
        </p>
        {changed.length > 0 && (
          <p className="text-soft">
            In the file: {(whole ? changed : changed.slice(0, SHOWN)).join('; ')}
            {more > 0 && !whole && (
              <button type="button" className="pencil-link ml-2 font-normal" onClick={() => setWhole(true)}>
                and {more} more
              </button>
            )}
          </p>
        )}
      </div>
      {done.length > 0 && (
        <button type="button" className="pencil-link" onClick={onUndo}>
          Take it back
        </button>
      )}
      <button type="button" className="pencil-link" onClick={onClose}>
        Close
      </button>
    </div>
  )
}

/** Where the proof is less than exact: faces, layout that could not be honoured, parts of the file not understood. */
function Shortcomings({ layout }: { layout: Layout }) {
  const approximate = layout.faces.filter((each) => !each.exact)
  const said = [
    approximate.length > 0 && `${names(approximate.map((each) => each.asked))} not shipped`,
    layout.remarks.length > 0 && 'some of the layout could not be honoured',
    layout.oddities.length > 0 && 'parts of the file were not understood',
  ].filter((each) => each !== false)
  if (said.length === 0) {
    return null
  }
  return (
    <details className="border-b border-rule bg-base-100 px-4 py-1.5 text-sm leading-snug">
      <summary className="cursor-pointer text-soft">
        <b className="font-medium text-base-content">
          {approximate.length > 0 ? 'An approximate proof' : 'Not everything is as in the file'}
        </b>
        : {said.join('; ')}
      </summary>
      <ul className="max-h-40 list-disc overflow-y-auto pt-1 pb-1 pl-5">
        {approximate.map((each) => (
          <li key={each.asked}>
            {each.asked} is set in {each.set}, the nearest face there is; lines and pages may end elsewhere.
          </li>
        ))}
        {layout.remarks.map((each) => (
          <li key={each}>{each}</li>
        ))}
        {layout.oddities.map((each) => (
          <li key={each}>{each}</li>
        ))}
      </ul>
    </details>
  )
}

function names(faces: string[]): string {
  return `${faces.slice(0, 2).join(', ')}${faces.length > 2 ? ` and ${faces.length - 2} more faces` : ''}${
    faces.length > 1 ? ' are' : ' is'
  }`
}
