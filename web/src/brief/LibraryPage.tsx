import { type ChangeEvent, useState } from 'react'
import { useNavigate } from 'react-router'
import { useGuides } from '../bring/useBring'
import { download } from '../api/download'
import { Notice } from '../ui/Notice'
import { useTitle } from '../ui/useTitle'
import { Differences } from './Differences'
import { useTakeIntoBrief } from './useTakeIntoBrief'
import { type HouseSet, useLibrary, useLibraryChanges, useRead } from './useLibrary'

const DATE = new Intl.DateTimeFormat('en', { dateStyle: 'long' })

/** The library of house rules. */
export function LibraryPage() {
  useTitle('House rules')
  const library = useLibrary()
  const changes = useLibraryChanges()
  const read = useRead()
  const problem =
    library.error ?? read.error ?? Object.values(changes).find((change) => change.error)?.error ?? null
  const take = ({ target }: ChangeEvent<HTMLInputElement>) => {
    const file = target.files?.[0]
    target.value = ''
    if (file) {
      read.mutate({ file, guide: 'mla-9' }, { onSuccess: (said) => changes.keep.mutate(said) })
    }
  }
  const sets = library.data ?? []
  return (
    <main className="mx-auto w-full max-w-[960px] p-8 max-sm:p-4">
      <div className="mb-5 flex flex-wrap items-center gap-4">
        <h1 className="flex-1 text-3xl">House rules</h1>
        <label className="btn btn-quiet cursor-pointer focus-within:outline-2 focus-within:outline-primary">
          Read a file
          <input type="file" accept=".yaml,.yml,text/yaml" className="sr-only" onChange={take} />
        </label>
      </div>
      <p className="mb-4 max-w-[40rem] text-soft">
        What a course asks beyond or against its guide, kept to be used again and handed on. New sets are made
        on the brief.
      </p>
      {problem && (
        <div className="mb-4">
          <Notice message={problem.message} onClose={() => read.reset()} />
        </div>
      )}
      {library.isSuccess && sets.length === 0 && (
        <p className="border-t border-base-content py-6">
          None yet. Say on the brief what differs and keep it, read a file, or open a link somebody gave you.
        </p>
      )}
      <ul className="border-t border-base-content empty:hidden">
        {sets.map((set) => (
          <SetRow key={set.id} set={set} changes={changes} />
        ))}
      </ul>
    </main>
  )
}

function SetRow({ set, changes }: { set: HouseSet; changes: ReturnType<typeof useLibraryChanges> }) {
  const guides = useGuides()
  const navigate = useNavigate()
  const takeIntoBrief = useTakeIntoBrief()
  const [copied, setCopied] = useState(false)
  const [problem, setProblem] = useState('')
  const { name } = set.house
  const link = set.shared ? `${window.location.origin}/shared-rules/${set.shared}` : ''
  const guide = guides.data?.find(({ id }) => id === set.guide)?.name ?? set.guide
  const count = set.told.differences.length
  return (
    <li className="border-b border-rule py-4" aria-label={name}>
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h2 className="min-w-0 text-lg [overflow-wrap:anywhere]">{name}</h2>
        <span className="flex-1 text-sm text-soft">
          {guide} · {count === 1 ? '1 difference' : `${count} differences`}
          {set.takenFrom &&
            set.takenAt &&
            ` · copied from “${set.takenFrom}” on ${DATE.format(new Date(set.takenAt))}`}
        </span>
        <button
          type="button"
          className="pencil-link"
          onClick={() => takeIntoBrief.mutate(set, { onSuccess: () => void navigate('/brief') })}
        >
          Lay over the brief
        </button>
        <button type="button" className="pencil-link" onClick={() => changes.copy.mutate(set.id)}>
          Copy
        </button>
        <button
          type="button"
          className="pencil-link"
          onClick={() =>
            void download(`/api/house-rules/${set.id}/file`, () => undefined).catch((error: unknown) =>
              setProblem(error instanceof Error ? error.message : 'No file came.'),
            )
          }
        >
          File
        </button>
        {set.shared ? (
          <button type="button" className="pencil-link" onClick={() => changes.unshare.mutate(set.id)}>
            End sharing
          </button>
        ) : (
          <button type="button" className="pencil-link" onClick={() => changes.share.mutate(set.id)}>
            Share by a link
          </button>
        )}
        <button type="button" className="pencil-link" onClick={() => changes.remove.mutate(set.id)}>
          Delete
        </button>
      </div>
      {problem && <Notice message={problem} onClose={() => setProblem('')} />}
      {link && (
        <p className="mt-2 flex flex-wrap items-center gap-3 text-sm">
          <input
            readOnly
            className="input input-sm max-w-[34rem]"
            aria-label={`Link to ${name}`}
            value={link}
            onFocus={(event) => event.target.select()}
          />
          <button
            type="button"
            className="pencil-link"
            onClick={() => void navigator.clipboard.writeText(link).then(() => setCopied(true))}
          >
            Copy the link
          </button>
          <span role="status" className="text-soft">
            {copied ? 'Copied.' : 'Whoever has it can look and take a copy; it says nothing of you.'}
          </span>
        </p>
      )}
      <Differences differences={set.told.differences} />
      {set.told.contradictions.map((sentence) => (
        <p key={sentence} className="mt-2 border-l-3 border-accent bg-base-200 px-3 py-1">
          {sentence}
        </p>
      ))}
    </li>
  )
}
