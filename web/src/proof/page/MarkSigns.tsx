import { memo } from 'react'
import { type Mark, noteLeft } from './marks'
import type { Page } from '../useProof'

const NOTE_PITCH = 10.5

/**
 * Marks in blue pencil, each with its note in the right margin and a fine stroke between the two; a list in reading
 * order for those who hear it. Marks of the finding that is lit stand out wherever they are.
 */
export const MarkSigns = memo(function MarkSigns({
  marks,
  page,
  chosen,
  lit,
  onChoose,
  onLit,
}: {
  marks: Mark[]
  page: Page
  chosen: string | null
  lit: string | null
  onChoose: (mark: Mark) => void
  onLit: (reading: string | null) => void
}) {
  if (marks.length === 0) {
    return null
  }
  return (
    <g role="list" aria-label={`Marks on page ${page.number}`} className="select-none">
      {marks.map((mark) => (
        <g key={mark.key} role="listitem">
          <MarkSign
            mark={mark}
            page={page}
            strong={mark.key === chosen || mark.reading === lit}
            chosen={mark.key === chosen}
            onChoose={onChoose}
            onLit={onLit}
          />
        </g>
      ))}
    </g>
  )
})

function MarkSign({
  mark,
  page,
  strong,
  chosen,
  onChoose,
  onLit,
}: {
  mark: Mark
  page: Page
  strong: boolean
  chosen: boolean
  onChoose: (mark: Mark) => void
  onLit: (reading: string | null) => void
}) {
  const colour = mark.stet ? 'var(--sheet-stet)' : 'var(--sheet-pencil)'
  const noteX = noteLeft(page)
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`Mark: ${mark.said}`}
      aria-current={chosen}
      data-reading={mark.reading}
      data-lit={strong || undefined}
      className="mark cursor-pointer"
      onClick={() => onChoose(mark)}
      onMouseEnter={() => onLit(mark.reading)}
      onMouseLeave={() => onLit(null)}
      onFocus={() => onLit(mark.reading)}
      onBlur={() => onLit(null)}
      onKeyDown={(event) => {
        if (event.key === 'Enter' || event.key === ' ') {
          event.preventDefault()
          onChoose(mark)
        }
      }}
      stroke={colour}
      fill="none"
      strokeWidth={strong ? 1.7 : 1}
    >
      <path d={signPath(mark, page)} />
      <path d={joinPath(mark, page)} strokeWidth={strong ? 1.1 : 0.6} />
      <text
        x={noteX}
        y={mark.noteY}
        fontFamily="var(--font-title)"
        fontStyle="italic"
        fontSize={9.5}
        fontWeight={strong ? 700 : 500}
        fill={colour}
        stroke="none"
      >
        {mark.note.map((words, index) => (
          <tspan key={index} x={noteX} dy={index === 0 ? 0 : NOTE_PITCH}>
            {words}
          </tspan>
        ))}
      </text>
    </g>
  )
}

/** The sign itself, an own drawing for each kind of correction. */
function signPath(mark: Mark, page: Page): string {
  const { x, y, width, height } = mark
  const middle = y + height / 2
  const foot = y + height
  const right = x + width
  const out = mark.lane * 7
  if (mark.stet) {
    return dots(x, right > x ? right : x + 20, foot - 1)
  }
  switch (mark.sign) {
    case 'ring':
    case 'roman':
      return ring(x - 4 - out / 3, y - 1.5 - out / 3, width + 8 + (out * 2) / 3, height + 2 + (out * 2) / 3)
    case 'italic':
      return `M${x} ${foot - 1.5}H${right}M${x} ${foot - 4.5}v3M${right} ${foot - 4.5}v3`
    case 'close-up':
      // Two braces that press the lines together.
      return `M${page.right + 2 + out} ${y - 5}c6 3 6 6 2 ${height * 0.45}c6 -1 6 5 0 ${height * 0.75}`
    case 'close-gap':
      return `M${right - width * 0.28} ${y - 0.5}q6 -4 12 0M${right - width * 0.28} ${foot}q6 4 12 0`
    case 'move-right': {
      const to = Math.max(x - 3, page.left + 10)
      return `M${page.left - 3 - out} ${y}V${foot}M${page.left - 3 - out} ${middle}H${to}m-4 -3l4 3l-4 3`
    }
    case 'move-left':
      return `M${page.left - 4 - out} ${y}V${foot}M${x - 2} ${middle}H${page.left - 3 - out}m4 -3l-4 3l4 3`
    case 'centre':
      return `M${x - 10} ${y}h6V${foot}h-6M${right + 10} ${y}h-6V${foot}h6`
    case 'ragged': {
      // The straight right edge, and a stroke that leaves it.
      const edge = page.right + 3 + out
      return `M${edge} ${y - 2}V${foot + 2}m3 ${-height - 4}c-7 4 3 6 -2 9c-4 3 4 5 0 8`
    }
    case 'run-on':
      return `M${right + 2} ${middle}c16 2 14 9 0 10H${x + 6}c-12 1 -14 7 -4 9`
    case 'new-paragraph':
      return `M${x - 3} ${y - 1}h-7V${foot}m-3 -3l3 3l3 -3`
    case 'new-page':
      return `M${page.left - 10} ${y - 4}H${page.right + 6}M${page.left - 10} ${y - 4}v8M${page.right + 6} ${y - 4}v8`
    case 'pitch':
      return `M${page.right + 1 + out} ${y}h4V${foot + 6}h-4`
    case 'take-out':
      return `M${x - 2} ${middle}H${right + 2}c8 0 9 -9 2 -8c-5 1 -3 8 4 9`
    case 'replace':
      return `M${x - 2} ${middle}H${right + 2}m-2 5l5 -11`
    case 'margin': {
      const towards = page.width / 2 > x ? -1 : 1
      return `M${x + towards * (6 + out)} ${y}V${foot}m0 ${-height / 2}h${towards * -10}m4 -3l-4 3l4 3m6 -3m-4 -3l4 3l-4 3`
    }
  }
}

/** The fine stroke from the sign to its note. */
function joinPath(mark: Mark, page: Page): string {
  const { x, y, width, height } = mark
  const middle = y + height / 2
  const to = `${noteLeft(page) - 3} ${mark.noteY - 3}`
  switch (mark.sign) {
    case 'close-up':
    case 'ragged':
    case 'pitch':
    case 'new-page':
      return `M${page.right + 6 + mark.lane * 7} ${middle}L${to}`
    case 'move-left':
    case 'margin':
      return x > page.width / 2 ? `M${x + 6} ${middle}L${to}` : ''
    default:
      return `M${x + width + 5} ${middle}L${to}`
  }
}

function ring(x: number, y: number, width: number, height: number): string {
  const r = Math.min(7, height / 2)
  return `M${x + r} ${y}h${Math.max(0, width - 2 * r)}a${r} ${r} 0 0 1 ${r} ${r}v${Math.max(0, height - 2 * r)}a${r} ${r} 0 0 1 ${-r} ${r}h${-Math.max(0, width - 2 * r)}a${r} ${r} 0 0 1 ${-r} ${-r}v${-Math.max(0, height - 2 * r)}a${r} ${r} 0 0 1 ${r} ${-r}z`
}

/** A dotted line under words that stand. */
function dots(from: number, to: number, y: number): string {
  let path = ''
  for (let x = from; x < to; x += 4) {
    path += `M${x} ${y}h1.4`
  }
  return path
}
