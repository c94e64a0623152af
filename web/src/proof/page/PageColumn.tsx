import { useVirtualizer } from '@tanstack/react-virtual'
import { type ReactNode, type RefObject, useEffect } from 'react'
import type { Page } from '../useProof'
import { GAP } from '../zoom'

/** Where on which page to go; a new turn goes there again. */
export interface Target {
  page: number
  /** Points from the sheet's upper edge. */
  y: number
  turn: number
}

/** How far below the desk's upper edge a place comes to lie, in pixels. */
const LEAD = 220

/** All pages one below the other, only those near the window in the document. */
export function PageColumn({
  pages,
  scale,
  scroller,
  target,
  onPage,
  renderPage,
}: {
  pages: Page[]
  scale: number
  scroller: RefObject<HTMLDivElement | null>
  target: Target | null
  onPage?: (page: number) => void
  renderPage: (page: Page) => ReactNode
}) {
  const virtual = useVirtualizer({
    count: pages.length,
    getScrollElement: () => scroller.current,
    estimateSize: (index) => (pages[index]?.height ?? 792) * scale + GAP,
    overscan: 2,
    paddingStart: GAP,
  })
  useEffect(() => virtual.measure(), [virtual, scale, pages])

  const items = virtual.getVirtualItems()
  const offset = virtual.scrollOffset ?? 0
  const inView = items.find((item) => item.end > offset + 120)?.index ?? 0
  useEffect(() => onPage?.(inView + 1), [inView, onPage])

  useEffect(() => {
    if (target) {
      const start = virtual.getOffsetForIndex(target.page - 1, 'start')?.[0] ?? 0
      virtual.scrollToOffset(Math.max(0, start - GAP + Math.max(0, target.y * scale - LEAD)))
    }
    // Only a new turn moves the desk; a changed scale alone must not.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [target?.turn])

  return (
    <div style={{ height: virtual.getTotalSize(), position: 'relative' }}>
      {items.map((item) => {
        const page = pages[item.index]
        return (
          page && (
            <div
              key={item.key}
              className="absolute left-0 flex w-full min-w-fit justify-center"
              style={{ transform: `translateY(${item.start}px)` }}
            >
              {renderPage(page)}
            </div>
          )
        )
      })}
    </div>
  )
}
