import { memo } from 'react'
import type { Page } from '../useProof'
import { type Mark, NOTE_PITCH } from './marks'
import { joinPath, signPath } from './signPath'

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
            lit={mark.reading === lit}
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
  lit,
  chosen,
  onChoose,
  onLit,
}: {
  mark: Mark
  page: Page
  lit: boolean
  chosen: boolean
  onChoose: (mark: Mark) => void
  onLit: (reading: string | null) => void
}) {
  const strong = lit || chosen
  const colour = mark.stet ? 'var(--sheet-stet)' : 'var(--sheet-pencil)'
  return (
    <g
      role="button"
      tabIndex={0}
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
      stroke={colour}
      fill="none"
      strokeWidth={strong ? 1.7 : 1}
    >
      {chosen && (
        // What is chosen is shown by a stroke of ink.
        <path d={`M${page.width - 3} ${mark.noteY - 9}v12`} stroke="var(--sheet-ink)" strokeWidth={3} />
      )}
      <path d={signPath(mark, page)} />
      <path d={joinPath(mark, page)} strokeWidth={strong ? 1.1 : 0.6} className="pointer-events-none" />
      <text
        x={mark.noteX}
        y={mark.noteY}
        fontFamily="var(--font-title)"
        fontStyle="italic"
        fontSize={9.5}
        fontWeight={strong ? 700 : 500}
        fill={colour}
        stroke="none"
      >
        {mark.note.map((words, index) => (
          <tspan key={index} x={mark.noteX} dy={index === 0 ? 0 : NOTE_PITCH}>
            {words}
          </tspan>
        ))}
      </text>
    </g>
  )
}
