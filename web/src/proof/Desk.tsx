import { useVirtualizer } from '@tanstack/react-virtual'
import { type RefObject, useEffect, useState } from 'react'
import type { Units } from '../ui/settings'
import { dimensionsOf } from './dimensions'
import { type Mark, marksOn } from './marks'
import { SheetPage } from './SheetPage'
import type { Layout, Reading } from './useProof'

const GAP = 22
const SIDES = 32
const WIDEST = 680

/** The desk: all pages one below the other, only those near the window in the document. */
export function Desk({
  layout,
  paper,
  station,
  readings,
  shown,
  units,
  chosenMark,
  onMark,
  onPage,
  scroller,
  target,
}: {
  layout: Layout
  paper: string
  station: string
  /** All readings of the station, for its dimension lines. */
  readings: Reading[]
  /** The findings whose marks are drawn. */
  shown: Reading[]
  units: Units
  chosenMark: string | null
  onMark: (mark: Mark) => void
  onPage: (page: number) => void
  scroller: RefObject<HTMLDivElement | null>
  target: { page: number; y: number; turn: number } | null
}) {
  const [width, setWidth] = useState(0)
  const widest = Math.max(...layout.pages.map((page) => page.width))
  const scale = width > 0 ? Math.min(WIDEST, width - 2 * SIDES) / widest : 1
  useEffect(() => {
    // The desk's element belongs to the parent, whose ref is set only after this component's layout.
    const element = scroller.current
    if (!element) {
      return
    }
    const observer = new ResizeObserver(() => setWidth(element.clientWidth))
    observer.observe(element)
    return () => observer.disconnect()
  }, [scroller])

  const virtual = useVirtualizer({
    count: layout.pages.length,
    getScrollElement: () => scroller.current,
    estimateSize: (index) => (layout.pages[index]?.height ?? 792) * scale + GAP,
    overscan: 2,
    paddingStart: GAP,
  })
  useEffect(() => virtual.measure(), [virtual, scale, layout])

  const items = virtual.getVirtualItems()
  const offset = virtual.scrollOffset ?? 0
  const inView = items.find((item) => item.end > offset + 120)?.index ?? 0
  useEffect(() => onPage(inView + 1), [inView, onPage])

  useEffect(() => {
    if (target) {
      const start = virtual.getOffsetForIndex(target.page - 1, 'start')?.[0] ?? 0
      virtual.scrollToOffset(Math.max(0, start - GAP + Math.max(0, target.y * scale - 220)))
    }
    // Only a new turn moves the desk; a changed scale alone must not.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [target?.turn])

  return (
    <div style={{ height: virtual.getTotalSize(), position: 'relative' }}>
      {items.map((item) => {
        const page = layout.pages[item.index]
        if (!page) {
          return null
        }
        return (
          <div
            key={item.key}
            className="absolute left-0 flex w-full justify-center"
            style={{ transform: `translateY(${item.start}px)` }}
          >
            <SheetPage
              page={page}
              paper={paper}
              scale={scale}
              dimensions={dimensionsOf(station, page, readings, units)}
              marks={marksOn(page, shown, units)}
              chosenMark={chosenMark}
              onMark={onMark}
            />
          </div>
        )
      })}
    </div>
  )
}
