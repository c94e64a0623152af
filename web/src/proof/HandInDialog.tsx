import { useState } from 'react'
import { Dialog } from '../ui/Dialog'
import type { Downloaded } from '../api/download'
import { size } from '../papers/size'
import { Notice } from '../ui/Notice'
import type { Face, Kind, Layout } from './useProof'

const KINDS: { kind: Kind; name: string; what: string }[] = [
  { kind: 'docx', name: '.docx', what: 'Your own file, put right; you can write on in it.' },
  {
    kind: 'pdf',
    name: 'PDF',
    what: 'The pages as they stand here, tagged for screen readers and fit to be archived.',
  },
]

/** The last step: which file to take along, and what differs between the two. */
export function HandInDialog({
  layout,
  open,
  busy,
  problem,
  done,
  onHandIn,
  onClose,
}: {
  layout: Layout
  /** How many readings are still open. */
  open: number
  busy: boolean
  problem: Error | null
  /** The file, once it is made. */
  done: Downloaded | null
  onHandIn: (kind: Kind) => void
  onClose: () => void
}) {
  const [kind, setKind] = useState<Kind>('docx')
  if (done) {
    return (
      <Dialog title="The file is made" onClose={onClose}>
        <p role="status" className="[overflow-wrap:anywhere]">
          <b>{done.name}</b>, {size(done.bytes)}, was given to your browser to keep. Nothing was sent to
          anybody else: handing it to your course is yours to do.
        </p>
        <div className="mt-4 flex justify-end">
          <button type="button" className="btn btn-primary" onClick={onClose}>
            Back to the desk
          </button>
        </div>
      </Dialog>
    )
  }
  const others = layout.faces.filter((face) => face.set !== face.asked)
  return (
    <Dialog title="Hand in" onClose={onClose}>
      {open > 0 && (
        <p className="mb-3 border-l-3 border-primary bg-base-200 px-3 py-2 text-[15px]">
          {open === 1 ? 'One reading is' : `${open} readings are`} still open. The paper can be handed in all
          the same.
        </p>
      )}
      <fieldset className="border-t border-base-content">
        <legend className="sr-only">Which file</legend>
        {KINDS.map((each) => (
          <label
            key={each.kind}
            className="flex cursor-pointer items-baseline gap-3 border-b border-rule py-2"
          >
            <input
              type="radio"
              name="kind"
              className="radio radio-sm translate-y-0.5"
              checked={kind === each.kind}
              onChange={() => setKind(each.kind)}
            />
            <span>
              <b>{each.name}</b>
              <span className="block text-[15px] leading-snug text-soft">{each.what}</span>
            </span>
          </label>
        ))}
      </fieldset>
      {kind === 'pdf' && others.length > 0 && <FacesInPdf faces={others} />}
      <p className="mt-3 text-sm text-soft">
        Each file handed in is kept as a numbered proof, to be compared later.
      </p>
      {problem && (
        <div className="mt-3">
          <Notice message={problem.message} />
        </div>
      )}
      <div className="mt-4 flex justify-end gap-3">
        <button type="button" className="btn btn-quiet" onClick={onClose}>
          Not yet
        </button>
        <button type="button" className="btn btn-primary" disabled={busy} onClick={() => onHandIn(kind)}>
          {busy ? 'Making the file…' : 'Make the file and download it'}
        </button>
      </div>
    </Dialog>
  )
}

/** The faces the PDF holds in place of those the paper asks for. */
function FacesInPdf({ faces }: { faces: Face[] }) {
  return (
    <div className="mt-3 text-[15px] leading-snug">
      <p>
        The PDF holds another face where the one asked for is not shipped. The .docx keeps the one asked for.
      </p>
      <table className="mt-2 w-full border-t border-base-content">
        <thead className="text-left text-sm text-soft">
          <tr className="border-b border-rule">
            <th className="py-1 font-normal">Asked for</th>
            <th className="py-1 font-normal">In the PDF</th>
            <th className="py-1 font-normal">Widths</th>
          </tr>
        </thead>
        <tbody>
          {faces.map((face) => (
            <tr key={face.asked} className="border-b border-rule">
              <td className="py-1.5 pr-3">{face.asked}</td>
              <td className="py-1.5 pr-3 font-bold">{face.set}</td>
              <td className="py-1.5">{face.exact ? 'the same' : 'near'}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
