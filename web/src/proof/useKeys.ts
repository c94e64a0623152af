import { useEffect, useRef } from 'react'

/** Where keys are typed or mean something else. */
const FIELDS = 'input:not([type=radio], [type=checkbox], [type=range]), select, textarea, dialog'

/**
 * Calls an action for a key pressed anywhere but in a field or a dialog. Undo and redo are also called by the keys that
 * every program has for them, whether keys of one letter are on or not.
 */
export function useKeys(
  actions: Record<string, () => void>,
  on: boolean,
  { undo, redo }: { undo?: () => void; redo?: () => void } = {},
) {
  const latest = useRef({ actions, undo, redo })
  useEffect(() => {
    latest.current = { actions, undo, redo }
  })
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const target = event.target instanceof HTMLElement ? event.target : null
      const typing = target !== null && target.closest(FIELDS) !== null
      const withControl = (event.ctrlKey || event.metaKey) && !event.altKey
      if (!typing && withControl && event.key.toLowerCase() === 'z') {
        event.preventDefault()
        const { undo: back, redo: forth } = latest.current
        ;(event.shiftKey ? forth : back)?.()
        return
      }
      if (typing || event.ctrlKey || event.metaKey || event.altKey) {
        return
      }
      const action = latest.current.actions[event.key.length === 1 ? event.key.toLowerCase() : event.key]
      if (action && (on || event.key === '?')) {
        event.preventDefault()
        action()
      }
    }
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  }, [on])
}
