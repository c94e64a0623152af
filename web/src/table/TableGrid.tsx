import { type ClipboardEvent, type KeyboardEvent, useEffect, useRef, useState } from 'react'
import {
  blockOf,
  columnsOf,
  plainOf,
  type Place,
  rowsOf,
  type Table,
  stretchesOf,
  withBlock,
  withoutRow,
  withRow,
  withWords,
  wordsAt,
} from './grid'

/**
 * The cells, gone through and changed by keyboard as in any grid (the grid pattern of the ARIA Authoring Practices
 * Guide): arrows move, typing or Enter changes a cell, Tab goes on, Escape leaves it as it was.
 */
export function TableGrid({
  table,
  onChange,
  onUndo,
  onRedo,
}: {
  table: Table
  onChange: (edit: (table: Table) => Table) => void
  onUndo: (() => void) | null
  onRedo: (() => void) | null
}) {
  const [at, setAt] = useState<Place>({ row: 0, column: 0 })
  const [typed, setTyped] = useState<string | null>(null)
  const grid = useRef<HTMLDivElement>(null)
  const wanted = useRef(false)
  const here = { row: Math.min(at.row, rowsOf(table) - 1), column: Math.min(at.column, columnsOf(table) - 1) }
  const typing = typed !== null
  useEffect(() => {
    if (wanted.current) {
      wanted.current = false
      const cell = grid.current?.querySelector<HTMLElement>('[data-here]')
      ;(cell?.querySelector('input') ?? cell)?.focus()
    }
  }, [here.row, here.column, typing])
  const move = (down: number, across: number) => {
    wanted.current = true
    setAt({
      row: Math.max(0, Math.min(here.row + down, rowsOf(table) - 1)),
      column: Math.max(0, Math.min(here.column + across, columnsOf(table) - 1)),
    })
  }
  const begin = (words: string) => {
    wanted.current = true
    setTyped(words)
  }
  const end = (keep: boolean) => {
    wanted.current = true
    if (keep && typed !== null && typed !== wordsAt(table, here)) {
      onChange((was) => withWords(was, here, typed))
    }
    setTyped(null)
  }
  const onKey = (event: KeyboardEvent) => {
    const { key } = event
    const command = event.ctrlKey || event.metaKey
    if (command && key.toLowerCase() === 'z' && !typing) {
      event.preventDefault()
      ;(event.shiftKey ? onRedo : onUndo)?.()
      return
    }
    if (command || event.altKey) {
      return
    }
    if (typing) {
      if (key === 'Enter' || key === 'Tab' || key === 'Escape') {
        event.preventDefault()
        end(key !== 'Escape')
        if (key !== 'Escape') {
          move(key === 'Enter' ? 1 : 0, key === 'Tab' ? (event.shiftKey ? -1 : 1) : 0)
        }
      }
      return
    }
    const moves: Record<string, [number, number]> = {
      ArrowDown: [1, 0],
      ArrowUp: [-1, 0],
      ArrowRight: [0, 1],
      ArrowLeft: [0, -1],
      Home: [0, -columnsOf(table)],
      End: [0, columnsOf(table)],
    }
    const step = moves[key]
    if (step) {
      event.preventDefault()
      move(...step)
    } else if (key === 'Enter' || key === 'F2') {
      event.preventDefault()
      begin(wordsAt(table, here))
    } else if (key === 'Delete' || key === 'Backspace') {
      event.preventDefault()
      onChange((was) => withWords(was, here, ''))
    } else if (key.length === 1) {
      event.preventDefault()
      begin(key)
    }
  }
  const onPaste = (event: ClipboardEvent) => {
    if (!typing) {
      event.preventDefault()
      const block = blockOf(event.clipboardData.getData('text/plain'))
      onChange((was) => withBlock(was, here, block))
    }
  }
  const cell = (row: number, column: number, span: number, head: boolean) => {
    const words = wordsAt(table, { row, column })
    const isHere = row === here.row && here.column >= column && here.column < column + span
    return (
      // The role is one of two, and each hears the keys of a cell.
      // eslint-disable-next-line jsx-a11y/no-static-element-interactions
      <div
        key={column}
        role={head && words !== '' ? 'columnheader' : 'gridcell'}
        aria-colindex={column + 1}
        aria-colspan={span}
        tabIndex={isHere && !typing ? 0 : -1}
        data-here={isHere || undefined}
        style={{ gridColumn: `span ${span}` }}
        className={`min-h-8 min-w-16 cursor-cell border-r border-b border-rule px-2 py-1 font-normal whitespace-nowrap outline-offset-[-2px] focus:outline-2 focus:outline-primary ${head ? 'bg-base-200' : ''} ${column === 0 ? 'text-left' : 'text-center'}`}
        onClick={() => {
          if (!(isHere && typing)) {
            setTyped(null)
            wanted.current = true
            setAt({ row, column })
          }
        }}
        onDoubleClick={() => begin(words)}
        onKeyDown={onKey}
        onPaste={onPaste}
      >
        {isHere && typing ? (
          <input
            className="w-full min-w-24 bg-base-100 text-base-content outline-none"
            aria-label={`Row ${row + 1}, column ${column + 1}`}
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            onBlur={() => end(true)}
          />
        ) : (
          stretchesOf(words).map((stretch, index) =>
            stretch.italic ? <i key={index}>{stretch.words}</i> : <span key={index}>{stretch.words}</span>,
          )
        )}
      </div>
    )
  }
  const under = here.row - table.heads.length
  return (
    <div className="flex flex-col gap-2">
      <div className="max-h-80 overflow-auto border border-rule">
        <div
          ref={grid}
          role="grid"
          aria-label="Cells of the table"
          aria-colcount={columnsOf(table)}
          className="grid text-[15px]"
          style={{ gridTemplateColumns: `repeat(${columnsOf(table)}, minmax(4rem, auto))` }}
        >
          {table.heads.map((heads, row) => (
            <div key={`h${row}`} role="row" className="col-span-full grid grid-cols-subgrid">
              {heads.map((head, index) => {
                const column = heads.slice(0, index).reduce((sum, { span }) => sum + span, 0)
                return cell(row, column, head.span, true)
              })}
            </div>
          ))}
          {table.rows.map((cells, index) => (
            <div key={index} role="row" className="col-span-full grid grid-cols-subgrid">
              {cells.map((_, column) => cell(index + table.heads.length, column, 1, false))}
            </div>
          ))}
        </div>
      </div>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1 text-sm">
        <button
          type="button"
          className="pencil-link"
          onClick={() => onChange((was) => withRow(was, Math.max(0, under)))}
        >
          Add a row {under >= 0 ? `after “${plainOf(table.rows[under]?.[0] ?? '')}”` : 'after the first'}
        </button>
        <button
          type="button"
          className="pencil-link"
          disabled={under < 0 || table.rows.length < 2}
          onClick={() => onChange((was) => withoutRow(was, under))}
        >
          Take the row out
        </button>
        <span className="text-soft">
          Words between low lines, as _M_, are italic. Cells can be pasted over from the one you are in.
        </span>
      </div>
    </div>
  )
}
