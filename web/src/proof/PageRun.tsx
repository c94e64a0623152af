import { useVirtualizer } from '@tanstack/react-virtual'
import { useEffect, useMemo, useRef } from 'react'
import type { Layout, Page, Reading } from './useProof'

const ITEM = 74
const MOST_TICKS = 7

/** The run of pages: small sheets with a pencil tick for each place of a finding, the one in view in an ink frame. */
export function PageRun({
  layout,
  findings,
  current,
  onPage,
}: {
  layout: Layout
  findings: Reading[]
  current: number
  onPage: (page: number) => void
}) {
  const scroller = useRef<HTMLElement>(null)
  const ticks = useMemo(() => {
    const counts = new Map<number, number>()
    for (const finding of findings) {
      for (const place of finding.places) {
        counts.set(place.page, (counts.get(place.page) ?? 0) + 1)
      }
    }
    return counts
  }, [findings])
  const virtual = useVirtualizer({
    count: layout.pages.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ITEM,
    overscan: 6,
    paddingStart: 10,
  })
  useEffect(() => virtual.scrollToIndex(current - 1), [virtual, current])
  return (
    <nav
      ref={scroller}
      aria-label="Pages"
      className="w-[58px] overflow-y-auto border-l border-rule bg-(--strip)"
    >
      <ol className="relative" style={{ height: virtual.getTotalSize() }}>
        {virtual.getVirtualItems().map((item) => {
          const page = layout.pages[item.index]
          const count = ticks.get(item.index + 1) ?? 0
          return (
            page && (
              <li
                key={item.key}
                className="absolute flex w-full justify-center"
                style={{ transform: `translateY(${item.start}px)` }}
              >
                <button
                  type="button"
                  onClick={() => onPage(page.number)}
                  aria-label={`Page ${page.number}${count > 0 ? `, ${count} marks` : ''}`}
                  aria-current={page.number === current ? 'page' : undefined}
                  className="flex flex-col items-center"
                >
                  <SmallSheet
                    page={page}
                    ticks={Math.min(count, MOST_TICKS)}
                    current={page.number === current}
                  />
                  <span className="text-xs text-soft">{page.number}</span>
                </button>
              </li>
            )
          )
        })}
      </ol>
    </nav>
  )
}

function SmallSheet({ page, ticks, current }: { page: Page; ticks: number; current: boolean }) {
  const lines = useMemo(
    () =>
      page.lines
        .filter((line) => line.width > 0)
        .map((line) => `M${line.x} ${line.y}h${line.width}`)
        .join(''),
    [page],
  )
  const scale = Math.min(34 / page.width, 44 / page.height)
  return (
    <svg viewBox="0 0 46 48" className="w-[46px]" aria-hidden="true">
      <rect
        x={2}
        y={2}
        width={page.width * scale}
        height={page.height * scale}
        fill="var(--sheet)"
        stroke={current ? 'var(--color-base-content)' : 'var(--rule)'}
        strokeWidth={current ? 2.4 : 1}
      />
      <path
        d={lines}
        transform={`translate(2 2) scale(${scale})`}
        stroke="var(--sheet-ink)"
        strokeOpacity={0.4}
        strokeWidth={9}
      />
      {Array.from({ length: ticks }, (_, tick) => (
        <path
          key={tick}
          d={`M${page.width * scale + 1} ${7 + tick * 5}h7`}
          stroke="var(--color-primary)"
          strokeWidth={1.8}
        />
      ))}
    </svg>
  )
}
