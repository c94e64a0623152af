import { useMemo, useState } from 'react'
import { findIn, type Hit } from './find'
import type { Page } from './useProof'

const NONE: Hit[] = []

/** Looking for words in the pages; `onShow` goes to a place that was found. */
export function useFind(pages: Page[], onShow: (page: number, y: number) => void) {
  const [open, setOpen] = useState(false)
  const [looked, setLooked] = useState({ pages, words: '', hits: NONE })
  const [current, setCurrent] = useState(0)
  // The pages change with each step; until then what was found when the words were typed holds.
  const found = useMemo(
    () => (looked.pages === pages ? looked.hits : findIn(pages, looked.words)),
    [looked, pages],
  )
  const hits = open ? found : NONE
  const show = (index: number, of = hits) => {
    const hit = of[index]
    setCurrent(index)
    if (hit) {
      onShow(hit.page, hit.boxes[0]?.y ?? 0)
    }
  }
  return {
    open,
    words: looked.words,
    hits,
    current: Math.min(current, Math.max(0, hits.length - 1)),
    start: () => setOpen(true),
    close: () => setOpen(false),
    look: (wanted: string) => {
      const hits = findIn(pages, wanted)
      setLooked({ pages, words: wanted, hits })
      show(0, hits)
    },
    move: (by: 1 | -1) => show((current + by + hits.length) % Math.max(1, hits.length)),
  }
}
