import { memo } from 'react'
import { type Dimension, type Label, LABEL_LINE } from './strokes'

const HEAD = 4
/** Between ends nearer than this the arrows point from outside, as on any drawing. */
const SHORT = 13
const TAIL = 9

/**
 * Dimension lines, as on a technical drawing: ink for what is, dashed pencil for what is asked. Those of the reading
 * that is lit stand out, and pointing at one lights its reading.
 */
export const DimensionLines = memo(function DimensionLines({
  dimensions,
  size,
  lit,
  onLit,
}: {
  dimensions: Dimension[]
  /** Of the labels, in points. */
  size: number
  lit: string | null
  onLit: (reading: string | null) => void
}) {
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

const colourOf = (kind: Dimension['kind']) => (kind === 'asked' ? 'var(--sheet-pencil)' : 'var(--sheet-ink)')

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
  const { x1, y1, x2, y2, kind, label, reading } = dimension
  const asked = kind === 'asked'
  const level = y1 === y2
  const short = Math.abs(x2 - x1) + Math.abs(y2 - y1) < SHORT
  const weight = (asked ? 1 : 0.8) * (lit ? 1.9 : 1)
  return (
    <g
      stroke={colourOf(kind)}
      fill="none"
      strokeWidth={weight}
      data-reading={reading}
      data-lit={lit || undefined}
      onMouseEnter={reading ? () => onLit(reading) : undefined}
      onMouseLeave={reading ? () => onLit(null) : undefined}
    >
      {reading && <line x1={x1} y1={y1} x2={x2} y2={y2} stroke="transparent" strokeWidth={9} />}
      <line data-stroke x1={x1} y1={y1} x2={x2} y2={y2} strokeDasharray={asked ? '3 2.5' : undefined} />
      {!asked && (
        <>
          {/* Between words there is no room for arrows from outside. */}
          {!(short && level) && (
            <>
              <path d={arrow(x1, y1, level, short ? -1 : 1)} />
              <path d={arrow(x2, y2, level, short ? 1 : -1)} />
            </>
          )}
          {short && !level && <path d={tail(x1, y1, level, -1) + tail(x2, y2, level, 1)} />}
        </>
      )}
      <path d={bar(x1, y1, level)} />
      <path d={bar(x2, y2, level)} />
      {label && <LabelText label={label} size={size} lit={lit} />}
    </g>
  )
}

/** A label, on a ground of its own so that its line stops before it. */
function LabelText({ label, size, lit }: { label: Label; size: number; lit: boolean }) {
  const { box, lines, x, y, anchor } = label
  return (
    <>
      <rect {...box} fill="var(--sheet)" stroke="none" />
      <text
        data-label
        textAnchor={anchor}
        fontFamily="var(--font-sans)"
        fontSize={size}
        stroke="none"
        style={{ fontVariantNumeric: 'lining-nums tabular-nums' }}
      >
        {lines.map(({ text, kind }, index) => (
          <tspan
            key={index}
            x={x}
            y={y + index * size * LABEL_LINE}
            fill={colourOf(kind)}
            fontWeight={kind === 'asked' || lit ? 700 : 500}
          >
            {text}
          </tspan>
        ))}
      </text>
    </>
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
