import { type KeyboardEvent, type MouseEvent, useEffect, useMemo, useState } from 'react'
import { type Block, isDoubtful, nameOf, ordered, type PartKind } from './useParts'

/** What a choice of blocks is to be taken for; no kind to have it told again. */
export interface Said {
  paragraphs: number[]
  kind?: string
  level?: number
}

/** The run of the paper as a list: what each paragraph was taken for, to be corrected by mouse or keyboard. */
export function PartsPanel({
  blocks,
  kinds,
  chosen,
  busy,
  onChoose,
  onSay,
  onClose,
}: {
  blocks: Block[]
  kinds: PartKind[]
  /** Paragraphs that are chosen; the last one is at hand. */
  chosen: number[]
  busy: boolean
  onChoose: (paragraphs: number[]) => void
  onSay: (said: Said) => void
  onClose: () => void
}) {
  const [doubtfulFirst, setDoubtfulFirst] = useState(true)
  const rows = useMemo(() => ordered(blocks, doubtfulFirst), [blocks, doubtfulFirst])
  const doubtful = blocks.filter(isDoubtful).length
  const corrected = blocks.filter((block) => block.corrected).length
  return (
    <section aria-label="Parts" className="flex min-h-0 flex-col border-r border-rule bg-base-100">
      <div className="border-b border-rule px-4 py-3">
        <div className="flex items-baseline justify-between">
          <h2 className="text-[17px]">Parts</h2>
          <button type="button" className="pencil-link text-sm" onClick={onClose}>
            Back to the marks
          </button>
        </div>
        <p className="mt-0.5 text-sm text-soft">
          What each paragraph was taken for. {blocks.length} in all, {doubtful} in doubt, {corrected} said by
          you.
        </p>
        <label className="mt-2 flex items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="checkbox checkbox-xs"
            checked={doubtfulFirst}
            onChange={(event) => setDoubtfulFirst(event.target.checked)}
          />
          Those in doubt first
        </label>
      </div>
      <PartList rows={rows} chosen={chosen} onChoose={onChoose} />
      <Sayings
        key={chosen.join()}
        blocks={chosen.flatMap((each) => blocks.find((block) => block.paragraph === each) ?? [])}
        kinds={kinds}
        busy={busy}
        onSay={onSay}
      />
    </section>
  )
}

/** A list box of several choices (WAI-ARIA APG): arrows move, with Shift they take along, Space adds or leaves out. */
function PartList({
  rows,
  chosen,
  onChoose,
}: {
  rows: Block[]
  chosen: number[]
  onChoose: (paragraphs: number[]) => void
}) {
  const [at, setAt] = useState(0)
  const [from, setFrom] = useState(0)
  const active = Math.min(at, rows.length - 1)
  const here = rows[active]?.paragraph
  useEffect(() => {
    document.getElementById(`part-${here}`)?.scrollIntoView({ block: 'nearest' })
  }, [here])

  const paragraph = (index: number) => rows[index]?.paragraph ?? -1
  const span = (to: number) => {
    const [first, last] = from <= to ? [from, to] : [to, from]
    return rows.slice(first, last + 1).map((row) => row.paragraph)
  }
  const choose = (index: number, all: number[]) => {
    setAt(index)
    onChoose([...all.filter((each) => each !== paragraph(index)), paragraph(index)])
  }
  const alone = (index: number) => {
    setFrom(index)
    choose(index, [])
  }
  const toggle = (index: number) => {
    setAt(index)
    setFrom(index)
    const here = paragraph(index)
    onChoose(chosen.includes(here) ? chosen.filter((each) => each !== here) : [...chosen, here])
  }
  const go = (to: number, extends_: boolean) => {
    const index = Math.max(0, Math.min(rows.length - 1, to))
    if (extends_) {
      choose(index, span(index))
    } else {
      alone(index)
    }
  }
  const onKey = (event: KeyboardEvent) => {
    const to: Record<string, number> = {
      ArrowDown: active + 1,
      ArrowUp: active - 1,
      PageDown: active + 10,
      PageUp: active - 10,
      Home: 0,
      End: rows.length - 1,
    }
    const next = to[event.key]
    if (next !== undefined) {
      event.preventDefault()
      go(next, event.shiftKey)
    } else if (event.key === ' ') {
      event.preventDefault()
      toggle(active)
    } else if (event.key === 'Enter') {
      event.preventDefault()
      document.getElementById('part-kind')?.focus()
    }
  }
  const onClick = (event: MouseEvent, index: number) => {
    if (event.ctrlKey || event.metaKey) {
      toggle(index)
    } else {
      go(index, event.shiftKey)
    }
  }
  return (
    <div
      role="listbox"
      aria-label="Paragraphs"
      aria-multiselectable="true"
      aria-activedescendant={active >= 0 ? `part-${paragraph(active)}` : undefined}
      tabIndex={0}
      className="min-h-0 flex-1 overflow-y-auto focus:outline-none max-md:h-[50vh]"
      onKeyDown={onKey}
    >
      {rows.map((row, index) => (
        <PartRow
          key={row.paragraph}
          block={row}
          chosen={chosen.includes(row.paragraph)}
          active={index === active}
          onClick={(event) => onClick(event, index)}
        />
      ))}
    </div>
  )
}

function PartRow({
  block,
  chosen,
  active,
  onClick,
}: {
  block: Block
  chosen: boolean
  active: boolean
  onClick: (event: MouseEvent) => void
}) {
  const shade = chosen ? 'border-l-4 border-l-primary bg-base-200 pl-3' : 'pl-4'
  return (
    // Keys are the list box's own.
    // eslint-disable-next-line jsx-a11y/click-events-have-key-events
    <div
      id={`part-${block.paragraph}`}
      role="option"
      tabIndex={-1}
      aria-selected={chosen}
      className={`grid h-11 cursor-default grid-cols-[2.2rem_1fr_auto] items-center gap-x-2 border-b border-rule pr-4 select-none ${shade} ${active ? 'outline-2 -outline-offset-2 outline-primary' : ''}`}
      // Rows out of sight are not drawn.
      style={{ contentVisibility: 'auto', containIntrinsicSize: 'auto 44px' }}
      onClick={onClick}
    >
      <span className="text-right text-[13px] text-soft tabular-nums">
        {block.page > 0 ? block.page : '–'}
      </span>
      <span className="min-w-0">
        <span className="block truncate text-[15px] leading-tight">{nameOf(block)}</span>
        <span className="block truncate text-[13px] leading-tight text-soft">
          {block.words || 'no words'}
        </span>
      </span>
      <span className="text-[13px] whitespace-nowrap">
        {block.corrected ? (
          <span className="text-soft">said by you</span>
        ) : (
          isDoubtful(block) && <b className="text-primary">in doubt</b>
        )}
      </span>
    </div>
  )
}

/** Why the blocks at hand were taken for what they are, and what they are to be taken for instead. */
function Sayings({
  blocks,
  kinds,
  busy,
  onSay,
}: {
  blocks: Block[]
  kinds: PartKind[]
  busy: boolean
  onSay: (said: Said) => void
}) {
  const first = blocks.at(-1)
  const [kind, setKind] = useState(first?.kind === 'unknown' ? '' : (first?.kind ?? ''))
  const [level, setLevel] = useState(first?.level ?? 0)
  const known = kinds.some((each) => each.id === kind)
  const paragraphs = blocks.map((block) => block.paragraph)
  const said = (): Said =>
    kind === 'heading' && level > 0 ? { paragraphs, kind, level } : { paragraphs, kind }
  if (!first) {
    return <p className="border-t border-rule px-4 py-4 text-soft">Choose a paragraph to say what it is.</p>
  }
  return (
    <form
      className="flex flex-col gap-2 border-t border-base-content px-4 py-3"
      onSubmit={(event) => {
        event.preventDefault()
        onSay(said())
      }}
    >
      {blocks.length === 1 ? (
        <p className="text-sm">
          Taken for: <b>{nameOf(first)}</b>
          {first.because.length > 0 && <span className="text-soft"> — {first.because.join('; ')}.</span>}
        </p>
      ) : (
        <p className="text-sm">
          <b>{blocks.length} paragraphs</b> are chosen.
        </p>
      )}
      <div className="flex gap-2">
        <label className="flex min-w-0 flex-1 flex-col text-sm">
          <span className="text-soft">It is</span>
          <select
            id="part-kind"
            className="select select-sm w-full"
            value={known ? kind : ''}
            onChange={(event) => setKind(event.target.value)}
          >
            {!known && <option value="">choose</option>}
            {kinds.map((each) => (
              <option key={each.id} value={each.id}>
                {each.name}
              </option>
            ))}
          </select>
        </label>
        {kind === 'heading' && (
          <label className="flex flex-col text-sm">
            <span className="text-soft">Level</span>
            <select
              className="select select-sm w-24"
              value={level}
              onChange={(event) => setLevel(Number(event.target.value))}
            >
              <option value={0}>by look</option>
              {[1, 2, 3, 4, 5].map((each) => (
                <option key={each} value={each}>
                  {each}
                </option>
              ))}
            </select>
          </label>
        )}
      </div>
      <div className="flex justify-end gap-2">
        {blocks.some((block) => block.corrected) && (
          <button
            type="button"
            className="btn btn-quiet btn-sm"
            disabled={busy}
            onClick={() => onSay({ paragraphs })}
          >
            Have it told again
          </button>
        )}
        <button type="submit" className="btn btn-primary btn-sm" disabled={busy || !known}>
          Take {blocks.length === 1 ? 'it' : 'them'} for this
        </button>
      </div>
    </form>
  )
}
