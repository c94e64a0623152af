import { useEffect, useState } from 'react'

/** A value once it has not changed for a while. */
export function useLater<T>(value: T, milliseconds: number): T {
  const [later, setLater] = useState(value)
  useEffect(() => {
    const timer = setTimeout(() => setLater(value), milliseconds)
    return () => clearTimeout(timer)
  }, [value, milliseconds])
  return later
}
