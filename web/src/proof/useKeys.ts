import { useEffect, useRef } from 'react'

/** Where keys are typed or mean something else. */
const FIELDS = 'input:not([type=radio], [type=checkbox], [type=range]), select, textarea, dialog'

/** Calls an action for a key pressed anywhere but in a field or a dialog. */
export function useKeys(actions: Record<string, () => void>, on: boolean) {
  const latest = useRef(actions)
  useEffect(() => {
    latest.current = actions
  })
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const target = event.target instanceof HTMLElement ? event.target : null
      const typing = target !== null && target.closest(FIELDS) !== null
      if (typing || event.ctrlKey || event.metaKey || event.altKey) {
        return
      }
      const action = latest.current[event.key.length === 1 ? event.key.toLowerCase() : event.key]
      if (action && (on || event.key === '?')) {
        event.preventDefault()
        action()
      }
    }
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  }, [on])
}
