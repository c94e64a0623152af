import { useCallback, useMemo, useState } from 'react'

interface Seen {
  revision: number
  page: number
  pages: ReadonlySet<number>
}

/** Which page is in sight, and which were not looked at since the paper last changed. */
export function useSeen(pages: number, revision: number) {
  const [seen, setSeen] = useState<Seen>({ revision, page: 1, pages: new Set() })
  const look = useCallback(
    (page: number) =>
      setSeen((before) => ({
        revision,
        page,
        pages: new Set(before.revision === revision ? [...before.pages, page] : [page]),
      })),
    [revision],
  )
  const unseen = useMemo(() => {
    const known = seen.revision === revision ? seen.pages : new Set([seen.page])
    return Array.from({ length: pages }, (_, index) => index + 1).filter((page) => !known.has(page))
  }, [seen, pages, revision])
  return { page: seen.page, unseen, look }
}
