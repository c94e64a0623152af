import { useEffect, useRef, useState } from 'react'
import { ordinal } from '../ordinal'
import { useKeys } from '../useKeys'
import { type Layout, type Paper, useProofLayout } from '../useProof'
import { Laid } from './Laid'
import { SideBySide } from './SideBySide'

/** Number of a proof, or 0 for the paper as it stands. */
type Choice = number

/** Two proofs of a paper, side by side with their scrolling tied, or one laid over the other. */
export function Compare({ paper, onClose }: { paper: Paper; onClose: () => void }) {
  const [before, setBefore] = useState<Choice>(1)
  const [after, setAfter] = useState<Choice>(0)
  const [laid, setLaid] = useState(false)
  const one = useProofLayout(paper.id, before, paper.revision)
  const other = useProofLayout(paper.id, after, paper.revision)
  const region = useRef<HTMLDivElement>(null)
  useEffect(() => region.current?.focus(), [])
  useKeys({ Escape: onClose }, true)
  const problem = one.error ?? other.error
  return (
    <div
      ref={region}
      role="region"
      aria-label="Before and after"
      tabIndex={-1}
      className="flex min-h-0 flex-1 flex-col bg-base-300 outline-none max-md:h-[90vh]"
    >
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1 border-b border-rule bg-base-100 px-4 py-1.5 text-sm">
        <ProofChoice label="Before" paper={paper} value={before} onChoice={setBefore} />
        <ProofChoice label="After" paper={paper} value={after} onChoice={setAfter} />
        <fieldset className="flex items-center gap-3">
          <legend className="sr-only">How to compare</legend>
          {[false, true].map((over) => (
            <label key={String(over)} className="flex items-center gap-1.5">
              <input
                type="radio"
                name="comparison"
                className="radio radio-xs"
                checked={laid === over}
                onChange={() => setLaid(over)}
              />
              {over ? 'one over the other' : 'side by side'}
            </label>
          ))}
        </fieldset>
        {!laid && (
          <span className="flex items-center gap-1.5 text-soft">
            <svg aria-hidden="true" viewBox="0 0 4 16" className="h-4 w-1">
              <path d="M2 0V16" stroke="var(--color-primary)" strokeWidth="2.5" />
            </svg>
            set otherwise on the other side
          </span>
        )}
        <button type="button" className="pencil-link ml-auto" onClick={onClose}>
          Back to the marks
        </button>
      </div>
      {problem ? (
        <p role="alert" className="p-6">
          {problem.message}
        </p>
      ) : (
        <Shown paper={paper.id} one={one.data} other={other.data} laid={laid} />
      )}
    </div>
  )
}

function Shown({
  paper,
  one,
  other,
  laid,
}: {
  paper: string
  one: Layout | undefined
  other: Layout | undefined
  laid: boolean
}) {
  if (!one || !other) {
    return (
      <p role="status" className="p-6 text-soft">
        Laying out both proofs…
      </p>
    )
  }
  return laid ? (
    <Laid paper={paper} before={one} after={other} />
  ) : (
    <SideBySide paper={paper} before={one} after={other} />
  )
}

function ProofChoice({
  label,
  paper,
  value,
  onChoice,
}: {
  label: string
  paper: Paper
  value: Choice
  onChoice: (choice: Choice) => void
}) {
  return (
    <label className="flex items-center gap-2">
      <span className="text-soft">{label}</span>
      <select
        className="select select-sm w-40"
        value={value}
        onChange={(event) => onChoice(Number(event.target.value))}
      >
        {paper.proofs.map((proof) => (
          <option key={proof.number} value={proof.number}>
            {ordinal(proof.number)} proof
          </option>
        ))}
        <option value={0}>As it stands</option>
      </select>
    </label>
  )
}
