import { memo } from 'react'
import { roving } from '../../ui/roving'
import type { Page } from '../useProof'
import type { Mark } from './marks'
import { NOTE_LINE, RING, type Slip } from './notes'
import { signPath } from './signPath'

/**
 * Marks in blue pencil with their notes in the right margin; a list in reading order for those who hear it, one stop
 * for the keyboard with arrows inside. Marks of the finding that is lit stand out wherever they are.
 */
export const MarkSigns = memo(function MarkSigns({
  marks,
  slips,
  size,
  page,
  chosen,
  lit,
  onChoose,
  onLit,
}: {
  marks: Mark[]
  slips: Slip[]
  /** Of the notes, in points. */
  size: number
  page: Page
  chosen: string | null
  lit: string | null
  onChoose: (mark: Mark) => void
  onLit: (reading: string | null) => void
}) {
  if (marks.length === 0) {
    return null
  }
  const stop = marks.find(({ key }) => key === chosen) ?? marks[0]
  return (
    <>
      {/* The list listens for its marks, which are buttons and have the focus. */}
      <g
        role="list"
        aria-label={`Marks on page ${page.number}`}
        className="select-none"
        onKeyDown={(event) => roving(event, '.mark', true)}
      >
        {marks.map((mark) => (
          <g key={mark.key} role="listitem">
            <MarkSign
              mark={mark}
              page={page}
              lit={mark.reading === lit}
              chosen={mark.key === chosen}
              stop={mark === stop}
              onChoose={onChoose}
              onLit={onLit}
            />
          </g>
        ))}
      </g>
      <g aria-hidden="true" className="select-none">
        {slips.map((slip) => (
          <SlipNotes
            key={slip.key}
            slip={slip}
            size={size}
            lit={lit}
            chosen={chosen}
            onChoose={onChoose}
            onLit={onLit}
          />
        ))}
      </g>
    </>
  )
})

function MarkSign({
  mark,
  page,
  lit,
  chosen,
  stop,
  onChoose,
  onLit,
}: {
  mark: Mark
  page: Page
  lit: boolean
  chosen: boolean
  /** Whether the keyboard comes here first. */
  stop: boolean
  onChoose: (mark: Mark) => void
  onLit: (reading: string | null) => void
}) {
  const strong = lit || chosen
  const path = signPath(mark, page)
  return (
    <g
      role="button"
      tabIndex={stop ? 0 : -1}
      aria-label={`Mark: ${mark.said}`}
      aria-current={chosen}
      data-reading={mark.reading}
      data-lit={lit || undefined}
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
      stroke={mark.stet ? 'var(--sheet-stet)' : 'var(--sheet-pencil)'}
      fill="none"
      strokeWidth={strong ? 1.9 : 1.1}
    >
      {/* Wide enough to be hit. */}
      <path d={path} stroke="transparent" strokeWidth={9} />
      <path d={path} />
    </g>
  )
}

/** The notes of one line, or their number, which tells them when it is pointed at and goes from one to the next. */
function SlipNotes({
  slip,
  size,
  lit,
  chosen,
  onChoose,
  onLit,
}: {
  slip: Slip
  size: number
  lit: string | null
  chosen: string | null
  onChoose: (mark: Mark) => void
  onLit: (reading: string | null) => void
}) {
  const { marks, from, x, y, folded } = slip
  const at = marks.findIndex(({ key }) => key === chosen)
  const strong = at >= 0 || marks.some(({ reading }) => reading === lit)
  const colour = marks.every(({ stet }) => stet) ? 'var(--sheet-stet)' : 'var(--sheet-pencil)'
  const left = folded ? x - (size * RING) / 2 : x
  const middle = folded ? y : y - size * 0.3
  const next = marks[(at + 1) % marks.length]
  return (
    <g>
      {from && (
        <path
          d={`M${from.x} ${from.y}L${left - 2} ${middle}`}
          stroke={colour}
          strokeWidth={0.6}
          fill="none"
        />
      )}
      {at >= 0 && <path d={`M${left - 3.5} ${middle - 5}v10`} stroke="var(--sheet-ink)" strokeWidth={2.4} />}
      {folded ? (
        <g
          data-note
          className="cursor-pointer"
          onClick={() => next && onChoose(next)}
          onMouseEnter={() => next && onLit(next.reading)}
          onMouseLeave={() => onLit(null)}
        >
          <title>{marks.map(({ said }) => said).join('\n')}</title>
          <circle
            cx={x}
            cy={y}
            r={(size * RING) / 2 - 0.5}
            fill={strong ? colour : 'var(--sheet)'}
            stroke={colour}
          />
          <text
            x={x}
            y={y + size * 0.3}
            textAnchor="middle"
            fontFamily="var(--font-sans)"
            fontWeight={700}
            fontSize={size * 0.95}
            fill={strong ? 'var(--sheet)' : colour}
          >
            {marks.length}
          </text>
        </g>
      ) : (
        <text
          data-note
          fontFamily="var(--font-title)"
          fontStyle="italic"
          fontSize={size}
          className="cursor-pointer"
        >
          {slip.lines.map(({ mark, text }, index) => (
            <tspan
              key={index}
              x={x}
              y={y + index * size * NOTE_LINE}
              fill={mark.stet ? 'var(--sheet-stet)' : 'var(--sheet-pencil)'}
              fontWeight={mark.reading === lit || mark.key === chosen ? 700 : 500}
              onClick={() => onChoose(mark)}
              onMouseEnter={() => onLit(mark.reading)}
              onMouseLeave={() => onLit(null)}
            >
              {text}
            </tspan>
          ))}
        </text>
      )}
    </g>
  )
}
