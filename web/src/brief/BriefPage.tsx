import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import { useGuides } from '../bring/useBring'
import { useSettings } from '../ui/settings'
import { Notice } from '../ui/Notice'
import { useTitle } from '../ui/useTitle'
import { FactsForm } from './FactsForm'
import { saveSpecimen } from './files'
import { HousePanel } from './HousePanel'
import { KeepHouse } from './KeepHouse'
import { SetUpDialog } from './SetUpDialog'
import { SpecimenPages } from './SpecimenPages'
import { SpecimenPrint } from './SpecimenPrint'
import { type Brief, type Draft, useAsks, useDraft, useKeptBrief, useSpecimen } from './useBrief'

/** The brief: what the course asks, what is known of the paper, and the pages as they must look. */
export function BriefPage() {
  useTitle('Brief')
  const kept = useKeptBrief()
  if (kept.isError) {
    return (
      <main className="p-8">
        <Notice message={kept.error.message} onAgain={() => void kept.refetch()} />
      </main>
    )
  }
  return kept.data ? <BriefDesk kept={kept.data} /> : <p className="p-8 text-soft">Opening…</p>
}

function BriefDesk({ kept }: { kept: Brief }) {
  const draft = useDraft(kept)
  const { brief } = draft
  const guides = useGuides()
  const asks = useAsks(brief.guide)
  const { units } = useSettings()
  const specimen = useSpecimen(brief, units)
  const [settingUp, setSettingUp] = useState(false)
  useUndoKeys(draft)
  return (
    <main data-fills className="grid min-h-0 flex-1 lg:grid-cols-[26rem_1fr] lg:overflow-hidden">
      <div className="flex flex-col gap-6 border-rule p-5 lg:border-r lg:overflow-y-auto [&_.input]:h-9">
        <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
          <h1 className="text-2xl">Brief</h1>
          <Keeping draft={draft} />
        </div>
        <label className="flex flex-col gap-1">
          <span className="font-title text-lg">Guide</span>
          <select
            className="select"
            value={brief.guide}
            onChange={(event) => draft.change({ guide: event.target.value })}
          >
            {guides.data?.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
          <span className="text-sm text-soft">
            {guides.data?.find(({ id }) => id === brief.guide)?.summary}
          </span>
        </label>
        <section aria-labelledby="brief-facts" className="flex flex-col gap-3">
          <h2 id="brief-facts" className="border-b border-base-content pb-1 text-lg">
            This paper
          </h2>
          <FactsForm
            brief={brief}
            needs={specimen.data?.needs ?? ['title', 'authors']}
            shortTitleMost={specimen.data?.shortTitleMost}
            onChange={draft.change}
          />
        </section>
        <section aria-labelledby="brief-house" className="flex flex-col gap-3">
          <div className="flex items-baseline gap-3 border-b border-base-content pb-1">
            <h2 id="brief-house" className="text-lg">
              House rules
            </h2>
            <span className="min-w-0 flex-1 text-sm text-soft">what this course asks otherwise</span>
            <Link to="/house-rules" className="pencil-link text-sm">
              Library
            </Link>
          </div>
          {asks.data && (
            <HousePanel
              guide={brief.guide}
              asks={asks.data}
              house={brief.house}
              onHouse={(house) => draft.change({ house })}
            />
          )}
          <KeepHouse brief={brief} onHouse={(house) => draft.change({ house })} />
        </section>
      </div>
      <div className="flex min-h-0 flex-col bg-base-200 lg:overflow-hidden">
        <div className="flex flex-wrap items-center gap-3 border-b border-rule bg-base-100 px-5 py-2">
          <h2 className="text-lg">Specimen</h2>
          <span className="flex-1 text-sm text-soft">how the pages must look</span>
          <button type="button" className="btn btn-quiet" onClick={() => window.print()}>
            Print
          </button>
          <Pdf brief={brief} />
          <Link to="/from-text" className="btn btn-quiet">
            From text
          </Link>
          <button type="button" className="btn btn-primary" onClick={() => setSettingUp(true)}>
            Set up a paper
          </button>
        </div>
        {/* It scrolls by itself, so it must be reachable by the keyboard too. */}
        <div
          role="region"
          aria-label="Pages of the specimen"
          tabIndex={0}
          className="min-h-0 flex-1 lg:overflow-y-auto"
          aria-busy={specimen.isFetching}
        >
          {specimen.error && (
            <div className="p-6">
              <Notice message={specimen.error.message} />
            </div>
          )}
          {specimen.data && <SpecimenPages specimen={specimen.data} />}
        </div>
      </div>
      {specimen.data && <SpecimenPrint specimen={specimen.data} />}
      {settingUp && <SetUpDialog brief={brief} onClose={() => setSettingUp(false)} />}
    </main>
  )
}

/** Whether the brief is kept, and the way back. */
function Keeping({ draft }: { draft: Draft }) {
  const { keeping, undo, redo } = draft
  return (
    <>
      <span className="flex-1 text-sm text-soft" role="status">
        {keeping === 'kept' ? 'Kept.' : keeping === 'keeping' ? 'Keeping…' : ''}
      </span>
      <button type="button" className="pencil-link text-sm" disabled={!undo} onClick={undo ?? undefined}>
        Undo
      </button>
      <button type="button" className="pencil-link text-sm" disabled={!redo} onClick={redo ?? undefined}>
        Redo
      </button>
      {keeping instanceof Error && (
        <div className="basis-full">
          <Notice message={`${keeping.message} The brief is kept as it was before.`} />
        </div>
      )}
    </>
  )
}

function Pdf({ brief }: { brief: Brief }) {
  const [problem, setProblem] = useState('')
  const fetchPdf = () => {
    setProblem('')
    saveSpecimen(brief).catch((error: unknown) =>
      setProblem(error instanceof Error ? error.message : 'No PDF came.'),
    )
  }
  return (
    <>
      <button type="button" className="btn btn-quiet" onClick={fetchPdf}>
        PDF
      </button>
      {problem && (
        <div className="order-last basis-full">
          <Notice message={problem} onAgain={fetchPdf} onClose={() => setProblem('')} />
        </div>
      )}
    </>
  )
}

/** Ctrl+Z and Shift+Ctrl+Z where no text field has the focus, in which the browser undoes by itself. */
function useUndoKeys({ undo, redo }: Draft) {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const typing =
        event.target instanceof HTMLElement &&
        event.target.matches('input:not([type=radio],[type=checkbox]), textarea')
      if (!typing && (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
        event.preventDefault()
        ;(event.shiftKey ? redo : undo)?.()
      }
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  }, [undo, redo])
}
