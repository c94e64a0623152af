import type { Page } from '../useProof'

/** A stroke at the left of the lines of the chosen paragraphs. */
export function PartMarks({ page, chosen }: { page: Page; chosen: number[] }) {
  return (
    <g aria-hidden="true" className="pointer-events-none">
      {page.lines
        .filter((line) => line.part === 'text' && chosen.includes(line.paragraph))
        .map((line) => (
          <rect
            key={`${line.paragraph}-${line.number}-${line.top}`}
            x={line.left - 12}
            y={line.top}
            width={4}
            height={line.height}
            fill="var(--sheet-pencil)"
          />
        ))}
    </g>
  )
}
