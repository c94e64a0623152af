import { useState } from 'react'
import { Link } from 'react-router'
import { Dialog } from '../ui/Dialog'
import { Notice } from '../ui/Notice'
import { EmptyDesk } from './EmptyDesk'
import { PaperRow } from './PaperRow'
import { size } from './size'
import { type PaperSummary, useDeletePaper, usePapers } from './usePapers'

/** All papers of a person, the one touched last first. */
export function Papers() {
  const papers = usePapers()
  const [leaving, setLeaving] = useState<PaperSummary | null>(null)
  if (papers.isPending) {
    return <p className="p-8 text-soft">Fetching your papers…</p>
  }
  if (papers.isError) {
    return (
      <main className="p-8">
        <Notice message={papers.error.message} />
      </main>
    )
  }
  if (papers.data.papers.length === 0) {
    return <EmptyDesk />
  }
  return (
    <main className="mx-auto w-full max-w-[1120px] p-8">
      <div className="mb-5 flex items-baseline justify-between">
        <h1 className="text-3xl">Papers</h1>
        <Link to="/bring" className="btn btn-primary">
          Bring a paper
        </Link>
      </div>
      <ul className="border-t border-base-content">
        {papers.data.papers.map((paper) => (
          <PaperRow key={paper.id} paper={paper} onDelete={() => setLeaving(paper)} />
        ))}
      </ul>
      <Room bytes={papers.data.bytes} most={papers.data.mostBytes} />
      {leaving && <DeleteDialog paper={leaving} onClose={() => setLeaving(null)} />}
    </main>
  )
}

/** How much of the room an account has is taken. */
function Room({ bytes, most }: { bytes: number; most: number }) {
  return (
    <p className="pt-4 text-sm text-soft">
      The files of all steps and proofs take up {size(bytes)} of {size(most)}.
    </p>
  )
}

function DeleteDialog({ paper, onClose }: { paper: PaperSummary; onClose: () => void }) {
  const remove = useDeletePaper()
  return (
    <Dialog title="Delete this paper?" onClose={onClose}>
      <p className="mb-4">
        “{paper.title}” goes with all its proofs. The file on your own machine stays where it is. This cannot
        be undone.
      </p>
      {remove.error && <Notice message={remove.error.message} />}
      <div className="mt-4 flex justify-end gap-3">
        <button type="button" className="btn btn-quiet" onClick={onClose}>
          Keep it
        </button>
        <button
          type="button"
          className="btn btn-grave"
          disabled={remove.isPending}
          onClick={() => remove.mutate(paper, { onSuccess: onClose })}
        >
          Delete
        </button>
      </div>
    </Dialog>
  )
}
