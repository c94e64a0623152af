import { type RefObject, useMemo, useRef } from 'react'
import { PageColumn } from '../page/PageColumn'
import { picturesOf } from '../page/pictures'
import { SheetPage } from '../page/SheetPage'
import type { Layout } from '../useProof'
import { useSize } from '../useSize'
import { scaleOf } from '../zoom'
import { type Bar, type Bars, differences } from './differences'
import { placeAt, scrollTo } from './tie'

/** Both proofs beside each other; scrolling one brings the other to the same words. */
export function SideBySide({ paper, before, after }: { paper: string; before: Layout; after: Layout }) {
  const left = useRef<HTMLDivElement>(null)
  const right = useRef<HTMLDivElement>(null)
  /** The side that was moved by the other; what it tells of that is no wish of the reader. */
  const moved = useRef<HTMLDivElement | null>(null)
  const differ = useMemo(() => differences(before, after), [before, after])
  const leftScale = scaleOf('width', before.pages, useSize(left))
  const rightScale = scaleOf('width', after.pages, useSize(right))

  const follow = (
    from: HTMLDivElement | null,
    layout: Layout,
    scale: number,
    to: HTMLDivElement | null,
    other: Layout,
    otherScale: number,
  ) => {
    if (!from || !to || moved.current === from) {
      moved.current = null
      return
    }
    const place = placeAt(layout, from.scrollTop, scale)
    if (place) {
      const top = scrollTo(other, place, otherScale)
      if (Math.abs(to.scrollTop - top) > 1) {
        moved.current = to
        to.scrollTop = top
      }
    }
  }

  return (
    <div className="grid min-h-0 flex-1 grid-cols-2 divide-x divide-rule max-md:grid-cols-1 max-md:grid-rows-2">
      <Column
        name="Before"
        paper={paper}
        layout={before}
        bars={differ.before}
        scale={leftScale}
        scroller={left}
        onScroll={() => follow(left.current, before, leftScale, right.current, after, rightScale)}
      />
      <Column
        name="After"
        paper={paper}
        layout={after}
        bars={differ.after}
        scale={rightScale}
        scroller={right}
        onScroll={() => follow(right.current, after, rightScale, left.current, before, leftScale)}
      />
    </div>
  )
}

function Column({
  name,
  paper,
  layout,
  bars,
  scale,
  scroller,
  onScroll,
}: {
  name: string
  paper: string
  layout: Layout
  /** Where the other side is set otherwise. */
  bars: Bars
  scale: number
  scroller: RefObject<HTMLDivElement | null>
  onScroll: () => void
}) {
  return (
    <div
      ref={scroller}
      role="region"
      aria-label={name}
      tabIndex={0}
      className="min-h-0 overflow-y-auto"
      onScroll={onScroll}
    >
      <PageColumn
        pages={layout.pages}
        scale={scale}
        scroller={scroller}
        target={null}
        renderPage={(page) => (
          <SheetPage page={page} pictures={picturesOf(paper)} scale={scale}>
            <DifferenceBars bars={bars.get(page.number) ?? []} />
          </SheetPage>
        )}
      />
    </div>
  )
}

/** Pencil beside the paragraphs that are set otherwise on the other side. */
function DifferenceBars({ bars }: { bars: Bar[] }) {
  return (
    <g aria-hidden="true" className="difference" stroke="var(--sheet-pencil)" strokeWidth={2.2}>
      {bars.map(({ x, y1, y2 }, index) => (
        <path key={index} d={`M${x} ${y1}V${y2}`} />
      ))}
    </g>
  )
}
