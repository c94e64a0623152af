import type { Layout, Reading } from './useProof'

/** The run of pages: small sheets with a pencil tick for each place of a finding. */
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
  const ticks = new Map<number, number>()
  for (const finding of findings) {
    for (const place of finding.places) {
      ticks.set(place.page, (ticks.get(place.page) ?? 0) + 1)
    }
  }
  return (
    <nav
      aria-label="Pages"
      className="flex w-[58px] flex-col items-center gap-3 overflow-y-auto border-l border-rule bg-(--strip) py-3"
    >
      {layout.pages.map((page) => {
        const count = ticks.get(page.number) ?? 0
        return (
          <button
            key={page.number}
            type="button"
            onClick={() => onPage(page.number)}
            aria-label={`Page ${page.number}${count > 0 ? `, ${count} marks` : ''}`}
            aria-current={page.number === current ? 'page' : undefined}
            className="flex flex-col items-center"
          >
            <svg viewBox="0 0 44 46" className="w-11" aria-hidden="true">
              <rect
                x={4}
                y={2}
                width={32}
                height={41}
                fill="var(--sheet)"
                stroke={page.number === current ? 'var(--color-base-content)' : 'var(--rule)'}
                strokeWidth={page.number === current ? 2.4 : 1}
              />
              {Array.from({ length: Math.min(count, 7) }, (_, tick) => (
                <path
                  key={tick}
                  d={`M36 ${8 + tick * 5}h6`}
                  stroke="var(--color-primary)"
                  strokeWidth={1.8}
                />
              ))}
            </svg>
            <span className="text-xs text-soft">{page.number}</span>
          </button>
        )
      })}
    </nav>
  )
}
