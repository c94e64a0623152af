import type { ReactNode } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import { useGuides } from '../bring/useBring'
import { useKeptBrief } from '../brief/useBrief'
import { usePaper } from '../proof/useProof'
import { Notice } from '../ui/Notice'
import type { Whose } from './useTable'

/** What is made, by whose guide, and what is said of that beside the name of the page. */
export interface Made {
  whose: Whose
  paper: string | undefined
  about: ReactNode
}

/** Something made for a paper, whose guide holds. */
export function ForPaper({ children }: { children: (made: Made) => ReactNode }) {
  const { id = '' } = useParams()
  const paper = usePaper(id)
  if (paper.isError) {
    return (
      <main className="p-8">
        <Notice message={paper.error.message} />
      </main>
    )
  }
  if (!paper.data) {
    return <p className="p-8 text-soft">Opening…</p>
  }
  const about = (
    <p className="min-w-0 flex-1 truncate text-soft" dir="auto">
      for{' '}
      <Link className="pencil-link" to={`/papers/${id}`}>
        {paper.data.title}
      </Link>
      , by {paper.data.guide}
    </p>
  )
  return children({ whose: { paper: id }, paper: id, about })
}

/** Something made by itself, by the guide of the brief or another. */
export function ForGuide({ children }: { children: (made: Made) => ReactNode }) {
  const kept = useKeptBrief()
  const guides = useGuides()
  const [asked, setAsked] = useSearchParams()
  const guide = asked.get('guide') ?? kept.data?.guide
  if (!guide || !guides.data) {
    return <p className="p-8 text-soft">Opening…</p>
  }
  const about = (
    <label className="flex flex-1 items-center gap-2">
      By
      <select
        className="select select-sm max-w-72"
        value={guide}
        onChange={({ target }) => setAsked({ guide: target.value }, { replace: true })}
      >
        {guides.data.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  )
  return children({ whose: { guide }, paper: undefined, about })
}

/** The head of a page on which something is made, with the way back to where it came from. */
export function MakerHead({
  name,
  about,
  again,
  onAgain,
}: {
  name: string
  about: ReactNode
  /** What else could be taken, as it is called. */
  again: string
  /** Null where nothing was taken yet. */
  onAgain: (() => void) | null
}) {
  return (
    <div className="mb-4 flex flex-wrap items-baseline gap-x-6 gap-y-1">
      <h1 className="text-3xl">{name}</h1>
      {about}
      {onAgain && (
        <button type="button" className="btn btn-quiet ml-auto" onClick={onAgain}>
          {again}
        </button>
      )}
    </div>
  )
}
