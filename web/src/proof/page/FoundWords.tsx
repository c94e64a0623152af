import type { Hit } from '../find'

/** The words looked for, under a wash of ink; the place shown has a stroke of it around. */
export function FoundWords({ hits, current }: { hits: Hit[]; current: Hit | undefined }) {
  return (
    <g aria-hidden="true" className="pointer-events-none">
      {hits.flatMap((hit, index) =>
        hit.boxes.map((box, part) => (
          <rect
            key={`${index}-${part}`}
            x={box.x - 1}
            y={box.y}
            width={box.width + 2}
            height={box.height}
            fill="var(--sheet-ink)"
            fillOpacity={0.13}
            stroke={hit === current ? 'var(--sheet-ink)' : 'none'}
            strokeWidth={1.2}
          />
        )),
      )}
    </g>
  )
}
