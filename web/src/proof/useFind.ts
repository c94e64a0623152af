import { useMemo, useState } from 'react'
import { findIn } from './find'
import type { Page } from './useProof'

/** Looking for words in the pages; `onShow` goes to a place that was found. */
export function useFind(pages: Page[], onShow: (page: number, y: number) => void) {
  const [open, setOpen] = useState(false)
  const [words, setWords] = useState('')
  const [current, setCurrent] = useState(0)
  const hits = useMemo(() => (open ? findIn(pages, words) : []), [open, pages, words])
  const show = (index: number, of = hits) => {
    const hit = of[index]
    setCurrent(index)
    if (hit) {
      onShow(hit.page, hit.boxes[0]?.y ?? 0)
    }
  }
  return {
    open,
    words,
    hits,
    current: Math.min(current, Math.max(0, hits.length - 1)),
    start: () => setOpen(true),
    close: () => setOpen(false),
    look: (wanted: string) => {
      setWords(wanted)
      show(0, findIn(pages, wanted))
    },
    move: (by: 1 | -1) => show((current + by + hits.length) % Math.max(1, hits.length)),
  }
}
