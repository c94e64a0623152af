import { type SubmitEvent, useState } from 'react'
import { Link } from 'react-router'
import { Dialog } from '../ui/Dialog'
import { Notice } from '../ui/Notice'
import { TextField } from '../ui/TextField'
import { useTitle } from '../ui/useTitle'
import { EmptyDesk } from './EmptyDesk'
import { PaperRow } from './PaperRow'
import { PatternDialog, Patterns } from './Patterns'
import { shelf, type ShelfSorting, SORTINGS } from './shelf'
import { size } from './size'
import { type PaperSummary, usePaperCommands, usePapers } from './usePapers'

/** All papers of a person. */
export function Papers() {
  const papers = usePapers()
  const commands = usePaperCommands()
  const [words, setWords] = useState('')
  const [sorting, setSorting] = useState<ShelfSorting>('touched')
  const [renaming, setRenaming] = useState<PaperSummary | null>(null)
  const [pattern, setPattern] = useState<PaperSummary | null>(null)
  useTitle('Papers')
  if (papers.isPending) {
    return <p className="p-8 text-soft">Fetching your papers…</p>
  }
  if (papers.isError) {
    return (
      <main className="p-8">
        <Notice message={papers.error.message} onAgain={() => void papers.refetch()} />
      </main>
    )
  }
  const gone = commands.remove.data
  const problem = commands.remove.error ?? commands.takeBack.error
  const deleted = gone && (
    <Deleted
      paper={gone}
      busy={commands.takeBack.isPending}
      onTakeBack={() => commands.takeBack.mutate(gone)}
    />
  )
  if (papers.data.papers.length === 0) {
    return <EmptyDesk>{deleted}</EmptyDesk>
  }
  const shown = shelf(papers.data.papers, words, sorting)
  return (
    <main className="mx-auto w-full max-w-[1120px] p-8 max-sm:p-4">
      <div className="mb-5 flex flex-wrap items-center gap-x-6 gap-y-3">
        <h1 className="text-3xl">Papers</h1>
        <label className="ml-auto flex items-center gap-2 text-sm">
          <span className="sr-only">Find among your papers</span>
          <input
            type="search"
            className="input w-52"
            placeholder="Find a paper"
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
        </label>
        <label className="flex items-center gap-2 text-sm">
          <span className="sr-only">Order of the papers</span>
          <select
            className="select w-40"
            value={sorting}
            onChange={(event) => setSorting(event.target.value as ShelfSorting)}
          >
            {Object.entries(SORTINGS).map(([id, name]) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <Link to="/bring" className="btn btn-primary">
          Bring a paper
        </Link>
      </div>
      {deleted}
      {problem && <Notice message={problem.message} onClose={() => commands.remove.reset()} />}
      <ul className="border-t border-base-content">
        {shown.map((paper) => (
          <PaperRow
            key={paper.id}
            paper={paper}
            onRename={() => setRenaming(paper)}
            onUseAgain={() => setPattern(paper)}
            onDelete={() => commands.remove.mutate(paper)}
          />
        ))}
      </ul>
      {shown.length === 0 && <p className="py-6 text-soft">No paper holds these words.</p>}
      <Patterns />
      <Room bytes={papers.data.bytes} most={papers.data.mostBytes} />
      {pattern && <PatternDialog paper={pattern} onClose={() => setPattern(null)} />}
      {renaming && (
        <RenameDialog
          paper={renaming}
          problem={commands.rename.error}
          busy={commands.rename.isPending}
          onRename={(title) =>
            commands.rename.mutate({ paper: renaming, title }, { onSuccess: () => setRenaming(null) })
          }
          onClose={() => setRenaming(null)}
        />
      )}
    </main>
  )
}

/** A paper that was deleted, and the way back. */
function Deleted({
  paper,
  busy,
  onTakeBack,
}: {
  paper: PaperSummary
  busy: boolean
  onTakeBack: () => void
}) {
  return (
    <div className="mb-4 flex items-start gap-4 border-y border-base-content py-2">
      <p role="status" className="min-w-0 flex-1 [overflow-wrap:anywhere]">
        “{paper.title}” is deleted with all its proofs. For ten minutes it can be taken back.
      </p>
      {/* The button that was pressed is gone with its row. */}
      {/* eslint-disable-next-line jsx-a11y/no-autofocus */}
      <button type="button" autoFocus className="pencil-link" disabled={busy} onClick={onTakeBack}>
        Take it back
      </button>
    </div>
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

function RenameDialog({
  paper,
  problem,
  busy,
  onRename,
  onClose,
}: {
  paper: PaperSummary
  problem: Error | null
  busy: boolean
  onRename: (title: string) => void
  onClose: () => void
}) {
  const [title, setTitle] = useState(paper.title)
  const submit = (event: SubmitEvent) => {
    event.preventDefault()
    onRename(title.trim())
  }
  return (
    <Dialog title="Rename this paper" onClose={onClose}>
      <form onSubmit={submit} className="flex flex-col gap-4">
        <TextField
          label="Name in your list"
          hint="The title in the paper and the name of its file stay as they are."
          required
          maxLength={300}
          value={title}
          onText={setTitle}
        />
        {problem && <Notice message={problem.message} />}
        <div className="flex justify-end gap-3">
          <button type="button" className="btn btn-quiet" onClick={onClose}>
            Keep the old one
          </button>
          <button type="submit" className="btn btn-primary" disabled={busy || title.trim() === ''}>
            Rename
          </button>
        </div>
      </form>
    </Dialog>
  )
}
