import { useState } from 'react'
import type { Work } from '../api/work'
import { Notice } from '../ui/Notice'
import { useSettings } from '../ui/settings'
import { Underway } from '../ui/Underway'
import { putRightText } from './choice'
import type { Layout, Outcome } from './useProof'

const SHOWN = 4

/** What has to be said above the pages: trouble, what the last step changed, what the proof could not do. */
export function DeskNotes({
  problem,
  outcome,
  layout,
  onUndo,
  onClose,
}: {
  problem: Error | null
  outcome: Outcome | null
  layout: Layout
  onUndo: () => void
  /** Puts trouble and outcome away. */
  onClose: () => void
}) {
  return (
    <>
      {/* On a small screen the pages are far from what is pressed; there it stands at the screen's foot. */}
      <div className="max-md:fixed max-md:inset-x-0 max-md:bottom-0 max-md:z-20">
        {problem && <Notice message={problem.message} onClose={onClose} />}
        {outcome && <OutcomeNote outcome={outcome} onUndo={onUndo} onClose={onClose} />}
      </div>
      <Shortcomings layout={layout} />
    </>
  )
}

/** What is being done, over the pages so that they stay where they are. */
export function WorkNote({ work }: { work: Work }) {
  return (
    <div className="absolute inset-x-0 top-3 z-10 mx-auto w-fit max-w-[90%] border border-base-content bg-base-100 px-4 py-1.5 text-sm">
      <Underway work={work} />
    </div>
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
  const { units } = useSettings()
  const [whole, setWhole] = useState(false)
  const more = changed.length - SHOWN
  return (
    <div
      role="group"
      aria-label="What was done"
      className="flex items-start gap-4 border-b border-base-content bg-base-100 px-4 py-2 text-sm leading-snug"
    >
      <div className="min-w-0 flex-1">
        <p className="font-bold">
          {done.length === 0
            ? 'There was nothing to put right'
            : done.length === 1
              ? `Put right: ${done.map((each) => putRightText(each, units)).join()}`
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
