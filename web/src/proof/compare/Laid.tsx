import { useRef, useState } from 'react'
import { PageColumn } from '../page/PageColumn'
import { picturesOf } from '../page/pictures'
import { SheetPage } from '../page/SheetPage'
import type { Layout } from '../useProof'
import { useSize } from '../useSize'
import { scaleOf } from '../zoom'

const HALF = 50
/** How wide browsers draw the thumb of a slider, in pixels. */
const THUMB = 16

/** One proof laid over the other, page by page; a slider uncovers more of the one or the other. */
export function Laid({ paper, before, after }: { paper: string; before: Layout; after: Layout }) {
  const scroller = useRef<HTMLDivElement>(null)
  const [part, setPart] = useState(HALF)
  const all = [...before.pages, ...after.pages]
  const size = useSize(scroller)
  const scale = Math.min(scaleOf('width', all, size), scaleOf('actual', all, size))
  const widest = Math.max(...all.map(({ width }) => width)) * scale
  const pages = before.pages.length > after.pages.length ? before.pages : after.pages
  return (
    <>
      {/* As wide as the sheet and a thumb, so that the thumb stands right over the cut. */}
      <label className="flex flex-col border-b border-rule bg-base-100 py-1.5 text-sm">
        <span className="mx-auto flex max-w-full justify-between text-soft" style={{ width: widest }}>
          <span>Before</span>
          <span>After</span>
        </span>
        <input
          type="range"
          min={0}
          max={100}
          value={part}
          aria-label="How much of the page shows the proof before"
          className="mx-auto h-5 max-w-full accent-base-content"
          style={{ width: widest + THUMB }}
          onChange={(event) => setPart(Number(event.target.value))}
        />
      </label>
      <div
        ref={scroller}
        role="region"
        aria-label="Pages laid over each other"
        tabIndex={0}
        className="min-h-0 flex-1 overflow-y-auto"
      >
        <PageColumn
          pages={pages}
          scale={scale}
          scroller={scroller}
          target={null}
          renderPage={({ number }) => {
            const upper = before.pages[number - 1]
            const lower = after.pages[number - 1]
            // Sheets of different sizes are uncovered to the same place.
            const width = Math.max(upper?.width ?? 0, lower?.width ?? 0) * scale
            return (
              <div className="relative" style={{ width }}>
                {lower && <SheetPage page={lower} pictures={picturesOf(paper)} scale={scale} />}
                {upper && (
                  <div
                    className={lower ? 'absolute top-0 left-0 w-full' : 'w-full'}
                    style={{ clipPath: `inset(0 ${100 - part}% 0 0)` }}
                  >
                    <SheetPage page={upper} pictures={picturesOf(paper)} scale={scale} />
                  </div>
                )}
                {upper && lower && (
                  <div
                    aria-hidden="true"
                    className="absolute inset-y-0 w-px bg-primary"
                    style={{ left: `${part}%` }}
                  />
                )}
              </div>
            )
          }}
        />
      </div>
    </>
  )
}
