import { useEffect } from 'react'

/** Names the view in the browser's title, the paper or the place first. */
export function useTitle(...parts: string[]) {
  const title = [...parts, 'Grintel'].join(' · ')
  useEffect(() => {
    document.title = title
  }, [title])
}
