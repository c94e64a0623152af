import type { UseQueryResult } from '@tanstack/react-query'
import { useRef } from 'react'
import type { Schemas } from '../api/client'
import { MeasuredPage } from '../brief/SpecimenPages'
import { useSize } from '../proof/useSize'
import { Notice } from '../ui/Notice'
import type { Kind } from './useTable'

/** Points of the page above and below that are shown with it. */
const ROUND = 30
/** Where nothing of it stands lower. */
const LEAST = 144
const TALLEST = { table: 416, figure: 560 }

/** It as it will be set, with its measures, and what of it is off. */
export function MadeOnPage({
  kind,
  shown,
  pictures,
}: {
  kind: Kind
  shown: UseQueryResult<Schemas['MadePageView']>
  /** Address of the pictures on it. */
  pictures?: string
}) {
  const box = useRef<HTMLDivElement>(null)
  const { width } = useSize(box)
  const page = shown.data?.layout.pages[0]
  const scale = page ? Math.max(0.4, Math.min(1.25, width / page.width)) : 1
  const lowest = page
    ? Math.max(...page.lines.map(({ y }) => y), ...page.pictures.map(({ y, height }) => y + height), LEAST)
    : 0
  const strokes = shown.data?.strokes.pages.find(({ page: at }) => at === 1)?.strokes ?? []
  const pages = shown.data?.layout.pageCount ?? 1
  return (
    <section aria-label={`The ${kind} as it will be set`} ref={box} className="min-w-0">
      {shown.error && <Notice message={shown.error.message} onAgain={() => void shown.refetch()} />}
      {page && (
        // What scrolls is reached by keyboard too.
        <div
          role="region"
          aria-label="Page, scrolled"

          tabIndex={0}
          className="mx-auto overflow-auto"
          style={{
            width: page.width * scale,
            height: Math.min((lowest + ROUND) * scale, TALLEST[kind]),
          }}
        >
          <div style={{ marginTop: -ROUND * scale }}>
            <MeasuredPage
              page={page}
              strokes={strokes}
              scale={scale}
              name={`Page with the ${kind}`}
              {...(pictures !== undefined && { pictures })}
            />
          </div>
        </div>
      )}
      {kind === 'table' && pages > 1 && (
        <p className="mt-2 text-sm text-soft">It goes on over {pages} pages, its heads repeated.</p>
      )}
      {shown.data && (
        <p className="mt-2 text-[15px]" role="status">
          {shown.data.off.length === 0 ? (
            <span className="text-soft">All that is measured of {kind}s is as the guide asks.</span>
          ) : (
            shown.data.off.join(' ')
          )}
        </p>
      )}
    </section>
  )
}
