import { memo } from 'react'
import { DimensionLines } from './DimensionLines'
import type { Dimension } from './dimensions'
import { MarkSigns } from './MarkSigns'
import type { Mark } from './marks'
import type { Line, Page } from './useProof'

/** A page as it will print, with what is drawn on it. */
export function SheetPage({
  page,
  paper,
  scale,
  dimensions,
  marks,
  chosenMark,
  onMark,
}: {
  page: Page
  paper: string
  scale: number
  dimensions: Dimension[]
  marks: Mark[]
  chosenMark: string | null
  onMark: (mark: Mark) => void
}) {
  return (
    <svg
      viewBox={`0 0 ${page.width} ${page.height}`}
      width={page.width * scale}
      height={page.height * scale}
      role="group"
      aria-label={`Page ${page.number}`}
      className="sheet-shadow block bg-(--sheet)"
    >
      <PageText page={page} paper={paper} />
      <DimensionLines dimensions={dimensions} />
      <MarkSigns marks={marks} page={page} chosen={chosenMark} onChoose={onMark} />
    </svg>
  )
}

/** The text and the pictures; redrawn only when the page itself changes. */
const PageText = memo(function PageText({ page, paper }: { page: Page; paper: string }) {
  return (
    <g className="sheet-text settle" fill="var(--sheet-ink)">
      {page.pictures.map((picture, index) => (
        <g key={index}>
          <rect
            x={picture.x}
            y={picture.y}
            width={picture.width}
            height={picture.height}
            fill="none"
            stroke="var(--sheet-ink)"
            strokeOpacity={0.25}
            strokeWidth={0.5}
          />
          {/\.(png|jpe?g|gif)$/i.test(picture.part) && (
            <image
              href={`/api/papers/${paper}/picture?part=${encodeURIComponent(picture.part)}`}
              x={picture.x}
              y={picture.y}
              width={picture.width}
              height={picture.height}
              preserveAspectRatio="none"
            >
              <title>{picture.alternative}</title>
            </image>
          )}
        </g>
      ))}
      {page.lines.map((line, index) => (
        <LineText key={index} line={line} />
      ))}
    </g>
  )
})

function LineText({ line }: { line: Line }) {
  return line.runs.map((run, index) => (
    <g key={index}>
      {run.highlighted && (
        <rect
          x={run.x}
          y={line.y - run.size * 0.85}
          width={run.width}
          height={run.size * 1.1}
          fill="var(--sheet-ink)"
          fillOpacity={0.14}
        />
      )}
      <text
        x={run.x}
        y={line.y - (run.rise ?? 0)}
        fontFamily={`'${run.face}'`}
        fontSize={run.size}
        {...(run.colour && run.colour !== '000000' ? { fill: `#${run.colour}` } : {})}
      >
        {run.text}
      </text>
      {run.underlined && <Rule x={run.x} y={line.y + run.size * 0.12} width={run.width} />}
      {run.struck && <Rule x={run.x} y={line.y - run.size * 0.25} width={run.width} />}
    </g>
  ))
}

function Rule({ x, y, width }: { x: number; y: number; width: number }) {
  return <line x1={x} x2={x + width} y1={y} y2={y} stroke="var(--sheet-ink)" strokeWidth={0.6} />
}
