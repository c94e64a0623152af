import type { Mark } from './marks'
import type { Page } from './useProof'

/** About the width of a letter of a note, in points. */
const LETTER = 4.3

/** A note cut into lines that a margin holds. */
function linesOf(note: string, letters: number): string[] {
  const lines: string[] = []
  for (const word of note.split(' ')) {
    const last = lines.at(-1)
    if (last !== undefined && last.length + 1 + word.length <= letters) {
      lines[lines.length - 1] = `${last} ${word}`
    } else {
      lines.push(word)
    }
  }
  return lines
}

/** Marks in blue pencil, each with its note in the right margin and a fine stroke between the two. */
export function MarkSigns({
  marks,
  page,
  chosen,
  onChoose,
}: {
  marks: Mark[]
  page: Page
  chosen: string | null
  onChoose: (mark: Mark) => void
}) {
  const noteX = page.right + 12
  return marks.map((mark) => (
    <g
      key={mark.key}
      role="button"
      tabIndex={0}
      aria-label={`Mark: ${mark.note}`}
      aria-current={mark.key === chosen}
      className="cursor-pointer"
      onClick={() => onChoose(mark)}
      onKeyDown={(event) => {
        if (event.key === 'Enter' || event.key === ' ') {
          event.preventDefault()
          onChoose(mark)
        }
      }}
      stroke="var(--sheet-pencil)"
      fill="none"
      strokeWidth={mark.key === chosen ? 1.6 : 1}
    >
      <SignShape mark={mark} page={page} />
      <text
        x={noteX}
        y={mark.noteY}
        fontFamily="var(--font-title)"
        fontStyle="italic"
        fontSize={9.5}
        fontWeight={mark.key === chosen ? 700 : 500}
        fill="var(--sheet-pencil)"
        stroke="none"
      >
        {linesOf(mark.note, Math.floor((page.width - noteX - 6) / LETTER)).map((words, index) => (
          <tspan key={index} x={noteX} dy={index === 0 ? 0 : 10}>
            {words}
          </tspan>
        ))}
      </text>
    </g>
  ))
}

function SignShape({ mark, page }: { mark: Mark; page: Page }) {
  const middle = mark.y + mark.height / 2
  switch (mark.sign) {
    case 'ring':
      return (
        <>
          <rect x={mark.x - 4} y={mark.y - 1.5} width={mark.width + 8} height={mark.height + 2} rx={7} />
          <path
            d={`M${mark.x + mark.width + 4} ${middle}L${page.right + 9} ${mark.noteY - 3}`}
            strokeWidth={0.7}
          />
        </>
      )
    case 'close-up':
      return (
        <path
          d={`M${page.right + 2} ${mark.y - 4}c5 4 5 7 1 ${mark.height / 2 + 2}c5 4 3 8 -1 ${mark.height / 2 + 4}M${
            page.right + 4
          } ${middle}L${page.right + 9} ${mark.noteY - 3}`}
        />
      )
    case 'move-right':
      return (
        <path
          d={`M${page.left - 3} ${mark.y}V${mark.y + mark.height}M${page.left - 3} ${middle}H${Math.max(
            mark.x - 3,
            page.left + 8,
          )}m-4 -3l4 3l-4 3M${mark.x + mark.width + 3} ${middle}L${page.right + 9} ${mark.noteY - 3}`}
          strokeWidth={0.9}
        />
      )
    case 'move-left':
      return (
        <path
          d={`M${page.right + 3} ${mark.y}V${mark.y + mark.height}m0 ${-mark.height / 2}h-9m4 -3l-4 3l4 3`}
        />
      )
    case 'bracket':
      return (
        <path d={`M${page.right + 1} ${mark.y}h4V${mark.y + mark.height}h-4m4 ${-mark.height / 2}l5 0`} />
      )
    case 'new-page':
      return (
        <path
          d={`M${page.left - 10} ${mark.y - 4}H${page.right + 6}M${page.left - 10} ${mark.y - 4}v8M${page.right + 6} ${
            mark.y - 4
          }v8`}
        />
      )
  }
}
