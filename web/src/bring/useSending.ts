import { useMemo, useRef, useState } from 'react'
import type { Sending } from '../api/client'

/** How far the sending of a file has come, and the way to stop it. */
export function useSending() {
  const [part, setPart] = useState(0)
  const controller = useRef(new AbortController())
  const sending: Sending = useMemo(
    () => ({
      onSent: setPart,
      get signal() {
        return controller.current.signal
      },
    }),
    [],
  )
  return {
    part,
    sending,
    begin: () => {
      controller.current = new AbortController()
      setPart(0)
    },
    stop: () => controller.current.abort(),
  }
}
