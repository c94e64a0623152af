import type { Dimension } from './dimensions'

const HEAD = 4
const LABEL_SIZE = 8.5

/** Dimension lines, as on a technical drawing: ink for what is, dashed pencil for what is asked. */
export function DimensionLines({ dimensions }: { dimensions: Dimension[] }) {
  return (
    <g aria-hidden="true" className="pointer-events-none">
      {dimensions.map((dimension) => (
        <DimensionLine key={dimension.key} dimension={dimension} />
      ))}
    </g>
  )
}

function DimensionLine({ dimension }: { dimension: Dimension }) {
  const { x1, y1, x2, y2, kind, label, labelX, labelY, anchor } = dimension
  const asked = kind === 'asked'
  const stroke = asked ? 'var(--sheet-pencil)' : 'var(--sheet-ink)'
  const level = y1 === y2
  const width = label.length * LABEL_SIZE * 0.47 + 6
  return (
    <g stroke={stroke} fill="none" strokeWidth={asked ? 1 : 0.8}>
      <line x1={x1} y1={y1} x2={x2} y2={y2} strokeDasharray={asked ? '3 2.5' : undefined} />
      {!asked && (
        <>
          <path d={arrow(x1, y1, level, 1)} />
          <path d={arrow(x2, y2, level, -1)} />
        </>
      )}
      <path d={bar(x1, y1, level)} />
      <path d={bar(x2, y2, level)} />
      {level && anchor === 'middle' && (
        <rect
          x={labelX - width / 2}
          y={labelY - 8}
          width={width}
          height={10.5}
          fill="var(--sheet)"
          stroke="none"
        />
      )}
      <text
        x={labelX}
        y={labelY}
        textAnchor={anchor}
        fontFamily="var(--font-sans)"
        fontSize={LABEL_SIZE}
        fontWeight={asked ? 700 : 500}
        fill={stroke}
        stroke="none"
        style={{ fontVariantNumeric: 'lining-nums tabular-nums' }}
      >
        {label}
      </text>
    </g>
  )
}

function arrow(x: number, y: number, level: boolean, direction: 1 | -1): string {
  const along = HEAD * direction
  return level
    ? `M${x + along} ${y - 2.4}L${x} ${y}L${x + along} ${y + 2.4}`
    : `M${x - 2.4} ${y + along}L${x} ${y}L${x + 2.4} ${y + along}`
}

function bar(x: number, y: number, level: boolean): string {
  return level ? `M${x} ${y - 4.5}V${y + 4.5}` : `M${x - 4.5} ${y}H${x + 4.5}`
}
