import { useCallback, useRef, useState } from 'react'
import type { Zoom } from '../../ui/settings'
import { Notice } from '../../ui/Notice'
import { PageColumn, type Target } from '../page/PageColumn'
import { picturesOf } from '../page/pictures'
import { SheetPage } from '../page/SheetPage'
import { useKeys } from '../useKeys'
import type { Layout, Paper } from '../useProof'
import { useSize } from '../useSize'
import { scaleOf } from '../zoom'
import { PartMarks } from './PartMarks'
import { PartsPanel, type Said } from './PartsPanel'
import { useParts } from './useParts'

/** The parts of the paper beside its pages. */
export function PartsDesk({
  paper,
  layout,
  zoom,
  busy,
  problem,
  onSay,
  onClose,
}: {
  paper: Paper
  layout: Layout
  zoom: Zoom
  busy: boolean
  /** What came in the way of the last command. */
  problem: Error | null
  onSay: (said: Said) => void
  onClose: () => void
}) {
  const parts = useParts(paper.id, paper.revision)
  const [chosen, setChosen] = useState<number[]>([])
  const [target, setTarget] = useState<Target | null>(null)
  const scroller = useRef<HTMLDivElement>(null)
  const scale = scaleOf(zoom, layout.pages, useSize(scroller))
  useKeys({ Escape: onClose }, true)
  const choose = useCallback(
    (paragraphs: number[]) => {
      setChosen(paragraphs)
      const last = paragraphs.at(-1)
      for (const page of layout.pages) {
        const line = page.lines.find((each) => each.part === 'text' && each.paragraph === last)
        if (line) {
          setTarget((before) => ({ page: page.number, y: line.top, turn: (before?.turn ?? 0) + 1 }))
          return
        }
      }
    },
    [layout],
  )
  return (
    <main className="grid min-h-0 flex-1 grid-cols-[392px_minmax(0,1fr)] max-lg:grid-cols-[340px_minmax(0,1fr)] max-md:grid-cols-1">
      {parts.data ? (
        <PartsPanel
          blocks={parts.data.blocks}
          kinds={parts.data.kinds}
          chosen={chosen}
          busy={busy}
          onChoose={choose}
          onSay={onSay}
          onClose={onClose}
        />
      ) : (
        <div className="border-r border-rule p-4">
          {parts.error ? <Notice message={parts.error.message} /> : <p role="status">Telling the parts…</p>}
        </div>
      )}
      <div className="flex min-h-0 min-w-0 flex-col">
        {problem && <Notice message={problem.message} />}
        <div
          ref={scroller}
          role="region"
          aria-label="Pages of the proof"
          tabIndex={0}
          className="relative min-h-0 flex-1 overflow-auto bg-base-300 max-md:h-[90vh]"
        >
          <PageColumn
            pages={layout.pages}
            scale={scale}
            scroller={scroller}
            target={target}
            renderPage={(page) => (
              <SheetPage page={page} pictures={picturesOf(paper.id)} scale={scale}>
                <PartMarks page={page} chosen={chosen} />
              </SheetPage>
            )}
          />
        </div>
      </div>
    </main>
  )
}
