import { type RefObject, useEffect, useState } from 'react'

/** The inner size of an element, kept up to date; nothing before it is there. */
export function useSize(element: RefObject<HTMLElement | null>): { width: number; height: number } {
  const [size, setSize] = useState({ width: 0, height: 0 })
  useEffect(() => {
    const watched = element.current
    if (!watched) {
      return
    }
    const observer = new ResizeObserver(() =>
      setSize({ width: watched.clientWidth, height: watched.clientHeight }),
    )
    observer.observe(watched)
    return () => observer.disconnect()
  }, [element])
  return size
}
