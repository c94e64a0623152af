import type { KeyboardEvent } from 'react'

/**
 * Moves the focus by arrow keys, Home and End among the elements of a list that is one stop for the tabulator (the
 * composite pattern of the ARIA Authoring Practices Guide).
 *
 * @param selector what is gone among, inside the element that listens
 * @param across whether the arrows to the sides go on and back too, as where the elements stand all over a page
 */
export function roving(event: KeyboardEvent, selector: string, across = false) {
  const all = [...event.currentTarget.querySelectorAll<HTMLElement | SVGElement>(selector)]
  const at = all.indexOf(event.target as HTMLElement | SVGElement)
  const [next, previous] = [at + 1, at - 1]
  const sides: Record<string, number> = across ? { ArrowRight: next, ArrowLeft: previous } : {}
  const keys: Record<string, number> = {
    ArrowDown: next,
    ArrowUp: previous,
    Home: 0,
    End: all.length - 1,
    ...sides,
  }
  const to = keys[event.key]
  if (at >= 0 && to !== undefined) {
    event.preventDefault()
    event.stopPropagation()
    all[to]?.focus()
  }
}
