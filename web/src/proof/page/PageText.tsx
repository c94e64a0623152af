import { memo } from 'react'
import type { Line, Page, Picture, Run } from '../useProof'
import { pictureAt, type Pictures } from './pictures'

/** Grounds, pictures, lines of tables and the text; redrawn only when the page itself changes. */
export const PageText = memo(function PageText({ page, pictures }: { page: Page; pictures: Pictures }) {
  const seen = new Map<string, number>()
  const keyOf = (line: Line) => {
    const name = `${line.part}-${line.paragraph}-${line.number}`
    const count = seen.get(name) ?? 0
    seen.set(name, count + 1)
    return `${name}-${count}`
  }
  return (
    <g className="sheet-text" fill="var(--sheet-ink)">
      {page.fills.map((fill, index) => (
        <rect
          key={index}
          x={fill.x}
          y={fill.y}
          width={fill.width}
          height={fill.height}
          fill={fill.colour ? `#${fill.colour}` : 'var(--sheet-ink)'}
        />
      ))}
      {page.pictures.map((picture, index) => (
        <PictureBox key={index} picture={picture} pictures={pictures} />
      ))}
      {page.lines.map((line) => (
        // A line keeps its key when a paper changes, so that it moves from its old place to the new one.
        <g
          key={keyOf(line)}
          className="sheet-line"
          style={{ transform: `translate(${line.x}px, ${line.y}px)` }}
        >
          <LineText line={line} />
        </g>
      ))}
    </g>
  )
})

/** A picture, or where it is not drawn a box that says what stands there. */
function PictureBox({ picture, pictures }: { picture: Picture; pictures: Pictures }) {
  const { x, y, width, height, label } = picture
  return (
    <g>
      <title>{[label?.text, picture.alternative].filter(Boolean).join(': ')}</title>
      {label && (
        <rect
          x={x}
          y={y}
          width={width}
          height={height}
          fill="none"
          stroke="var(--sheet-ink)"
          strokeOpacity={0.6}
          strokeWidth={0.5}
        />
      )}
      {label ? (
        label.run && (
          <text transform={`translate(0, ${label.y})`}>
            <RunText run={label.run} from={0} />
          </text>
        )
      ) : (
        <image
          className="sheet-picture"
          href={pictureAt(pictures, picture.part)}
          x={x}
          y={y}
          width={width}
          height={height}
          preserveAspectRatio="none"
        />
      )}
    </g>
  )
}

function LineText({ line }: { line: Line }) {
  return (
    <>
      {line.runs.map(
        (run, index) =>
          run.highlighted && (
            <rect
              key={index}
              x={run.x - line.x}
              y={-run.size * 0.85}
              width={run.width}
              height={run.size * 1.1}
              fill="var(--sheet-ink)"
              fillOpacity={0.14}
            />
          ),
      )}
      <text>
        {line.runs.map((run, index) => (
          <RunText key={index} run={run} from={line.x} />
        ))}
      </text>
      {line.runs.map((run, index) => (
        <g key={index}>
          {run.underlined && <Stroke run={run} from={line.x} y={run.size * 0.12} />}
          {run.struck && <Stroke run={run} from={line.x} y={-run.size * 0.25} />}
        </g>
      ))}
    </>
  )
}

function RunText({ run, from }: { run: Run; from: number }) {
  return (
    <tspan
      x={run.x - from}
      y={-(run.rise ?? 0)}
      fontFamily={`'${run.face}'`}
      fontSize={run.size}
      {...(run.leader ? { 'aria-hidden': true } : {})}
      {...(run.colour && run.colour !== '000000' ? { fill: `#${run.colour}` } : {})}
      {...(run.spacing ? { letterSpacing: run.spacing } : {})}
      {...(run.scale ? { textLength: run.width, lengthAdjust: 'spacingAndGlyphs' as const } : {})}
    >
      {run.text}
    </tspan>
  )
}

function Stroke({ run, from, y }: { run: Run; from: number; y: number }) {
  const x = run.x - from
  return (
    <line
      x1={x}
      x2={x + run.width}
      y1={y}
      y2={y}
      stroke={run.colour ? `#${run.colour}` : 'var(--sheet-ink)'}
      strokeWidth={0.6}
    />
  )
}
