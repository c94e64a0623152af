import { useCallback, useState } from 'react'

interface History<T> {
  past: T[]
  now: T | null
  future: T[]
}

const MOST_STEPS = 200

/** Something made, such as a table, that is edited by steps which can be taken back. */
export function useEdited<T>() {
  const [history, setHistory] = useState<History<T>>({ past: [], now: null, future: [] })
  const begin = useCallback((made: T | null) => setHistory({ past: [], now: made, future: [] }), [])
  const change = useCallback(
    (edit: (made: T) => T) =>
      setHistory((was) => {
        const next = was.now && edit(was.now)
        return !was.now || !next || next === was.now
          ? was
          : { past: [...was.past, was.now].slice(-MOST_STEPS), now: next, future: [] }
      }),
    [],
  )
  const undo = useCallback(
    () =>
      setHistory((was) => {
        const before = was.past.at(-1)
        return before && was.now
          ? { past: was.past.slice(0, -1), now: before, future: [was.now, ...was.future] }
          : was
      }),
    [],
  )
  const redo = useCallback(
    () =>
      setHistory((was) => {
        const next = was.future[0]
        return next && was.now
          ? { past: [...was.past, was.now], now: next, future: was.future.slice(1) }
          : was
      }),
    [],
  )
  return {
    made: history.now,
    begin,
    change,
    undo: history.past.length > 0 ? undo : null,
    redo: history.future.length > 0 ? redo : null,
  }
}
