import { memo } from 'react'
import type { Dimension } from './strokes'

const HEAD = 4
/** Between ends nearer than this the arrows point from outside, as on any drawing. */
const SHORT = 13
const TAIL = 9
/** Labels are set so that they read at this many pixels, within what a margin holds. */
const LABEL_PIXELS = 11.5
const SMALLEST = 7.5
const LARGEST = 13

/**
 * Dimension lines, as on a technical drawing: ink for what is, dashed pencil for what is asked. Those of the reading
 * that is lit stand out, and pointing at one lights its reading.
 */
export const DimensionLines = memo(function DimensionLines({
  dimensions,
  scale,
  lit,
  onLit,
}: {
  dimensions: Dimension[]
  /** Pixels in a point of the page. */
  scale: number
  lit: string | null
  onLit: (reading: string | null) => void
}) {
  const size = Math.max(SMALLEST, Math.min(LARGEST, LABEL_PIXELS / scale))
  return (
    <g aria-hidden="true" className="select-none">
      {dimensions.map((dimension) => (
        <DimensionLine
          key={dimension.key}
          dimension={dimension}
          size={size}
          lit={dimension.reading !== undefined && dimension.reading === lit}
          onLit={onLit}
        />
      ))}
    </g>
  )
})

function DimensionLine({
  dimension,
  size,
  lit,
  onLit,
}: {
  dimension: Dimension
  size: number
  lit: boolean
  onLit: (reading: string | null) => void
}) {
  const { x1, y1, x2, y2, kind, label, labelX, labelY, anchor, reading } = dimension
  const asked = kind === 'asked'
  const stroke = asked ? 'var(--sheet-pencil)' : 'var(--sheet-ink)'
  const level = y1 === y2
  const short = Math.abs(x2 - x1) + Math.abs(y2 - y1) < SHORT
  const width = label.length * size * 0.47 + 6
  const weight = (asked ? 1 : 0.8) * (lit ? 1.9 : 1)
  return (
    <g
      stroke={stroke}
      fill="none"
      strokeWidth={weight}
      data-reading={reading}
      data-lit={lit || undefined}
      onMouseEnter={reading ? () => onLit(reading) : undefined}
      onMouseLeave={reading ? () => onLit(null) : undefined}
    >
      {reading && <line x1={x1} y1={y1} x2={x2} y2={y2} stroke="transparent" strokeWidth={9} />}
      <line x1={x1} y1={y1} x2={x2} y2={y2} strokeDasharray={asked ? '3 2.5' : undefined} />
      {!asked && (
        <>
          <path d={arrow(x1, y1, level, short ? -1 : 1)} />
          <path d={arrow(x2, y2, level, short ? 1 : -1)} />
          {short && <path d={tail(x1, y1, level, -1) + tail(x2, y2, level, 1)} />}
        </>
      )}
      <path d={bar(x1, y1, level)} />
      <path d={bar(x2, y2, level)} />
      {level && anchor === 'middle' && (
        <rect
          x={labelX - width / 2}
          y={labelY - size * 0.86}
          width={width}
          height={size * 1.1}
          fill="var(--sheet)"
          stroke="none"
        />
      )}
      <text
        x={labelX}
        y={labelY}
        textAnchor={anchor}
        fontFamily="var(--font-sans)"
        fontSize={size}
        fontWeight={asked || lit ? 700 : 500}
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

function tail(x: number, y: number, level: boolean, direction: 1 | -1): string {
  const end = TAIL * direction
  return level ? `M${x} ${y}h${end}` : `M${x} ${y}v${end}`
}
