import { useQuery } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { api, type Schemas } from '../api/client'
import { examined } from '../api/work'
import { MeasuredPage, useStrokesByPage } from '../brief/SpecimenPages'
import { Notice } from '../ui/Notice'
import { type Units, useSettings } from '../ui/settings'
import { PageColumn } from './page/PageColumn'
import { picturesOf } from './page/pictures'
import { SheetPage } from './page/SheetPage'
import type { Layout, Page, Paper } from './useProof'
import { useSize } from './useSize'
import { GAP } from './zoom'

type Held = Schemas['BesideView']

const ROUND = 24

/** The specimen of the paper's brief, and which of its pages belongs beside which of the paper's. */
function useBeside({ id, revision }: Paper, units: Units) {
  return useQuery({
    queryKey: ['beside', id, revision, units],
    queryFn: () =>
      examined<Held>(() =>
        api.GET('/api/papers/{id}/specimen', { params: { path: { id }, query: { units } } }),
      ),
  })
}

/** The specimen beside the proof: each page as it is, and the page of the same kind as it should be. */
export function Beside({ paper, layout, onClose }: { paper: Paper; layout: Layout; onClose: () => void }) {
  const { units } = useSettings()
  const held = useBeside(paper, units)
  return (
    <main className="flex min-h-0 flex-1 flex-col">
      <div className="flex items-center gap-4 border-b border-rule px-4 py-2">
        <h2 className="text-lg">Specimen</h2>
        <p className="min-w-0 flex-1 truncate text-sm text-soft">
          On the left each page as it is, on the right a page of the same kind as {paper.guide}
          {paper.facts.house && ` with ${paper.facts.house.name}`} asks for it.
        </p>
        <button type="button" className="btn btn-quiet" onClick={onClose}>
          Back to the marks
        </button>
      </div>
      {held.error && (
        <div className="p-6">
          <Notice message={held.error.message} onAgain={() => void held.refetch()} />
        </div>
      )}
      {held.isPending && <p className="p-6 text-soft">Setting the specimen…</p>}
      {held.data && <Pairs paper={paper} layout={layout} held={held.data} />}
    </main>
  )
}

function Pairs({ paper, layout, held }: { paper: Paper; layout: Layout; held: Held }) {
  const scroller = useRef<HTMLDivElement>(null)
  const { width } = useSize(scroller)
  const [page, setPage] = useState(1)
  const strokes = useStrokesByPage(held.specimen)
  const widest = Math.max(...layout.pages.map((each) => each.width), 1)
  const scale = Math.min(1.2, Math.max(0.25, (width - 3 * ROUND) / 2 / widest))
  const specimenOf = (each: Page) => {
    const number = held.beside[each.number - 1] ?? 1
    return held.specimen.layout.pages[number - 1]
  }
  return (
    <>
      {/* The desk scrolls by itself, so it must be reachable by the keyboard too. */}
      <div
        ref={scroller}
        role="region"
        aria-label="Pages as they are and as they should be"
        tabIndex={0}
        className="relative min-h-0 flex-1 overflow-auto bg-base-300"
      >
        <PageColumn
          pages={layout.pages}
          scale={scale}
          scroller={scroller}
          target={null}
          onPage={setPage}
          renderPage={(each) => {
            const specimen = specimenOf(each)
            return (
              <div className="flex items-start" style={{ gap: ROUND, paddingBottom: GAP }}>
                <SheetPage page={each} pictures={picturesOf(paper.id)} scale={scale} />
                {specimen && (
                  <MeasuredPage
                    page={specimen}
                    strokes={strokes.get(specimen.number) ?? []}
                    scale={scale}
                    name={`As it should be, beside page ${each.number}`}
                  />
                )}
              </div>
            )
          }}
        />
      </div>
      <p className="border-t border-rule px-4 py-1.5 text-sm text-soft">
        Page {page} of {layout.pages.length}
      </p>
    </>
  )
}
