import type { Page } from '../useProof'
import type { Mark } from './marks'

/** The sign of a mark, an own drawing for each kind of correction. */
export function signPath(mark: Mark, page: Page): string {
  const { x, y, width, height } = mark
  const middle = y + height / 2
  const foot = y + height
  const right = x + width
  const edge = page.right + 3
  if (mark.stet) {
    return width > 0 ? dots(x, foot - 0.5, width, true) : dots(x, y, height, false)
  }
  if (mark.drawn && (mark.sign === 'move-left' || mark.sign === 'move-right')) {
    // Two strokes in the white of one indent could not be read.
    return `M${page.left - 3} ${y}V${foot}`
  }
  switch (mark.sign) {
    case 'ring':
    case 'roman':
      return ring(x - 4, y - 1.5, width + 8, height + 2)
    case 'italic':
      return `M${x} ${foot - 0.5}H${right}M${x} ${foot - 3.5}v3M${right} ${foot - 3.5}v3`
    case 'close-up':
      // Two braces that press the lines together.
      return `M${edge - 1} ${middle - 8}c4.5 1.5 4.5 5 1 8c3.5 3 3.5 6.5 -1 8`
    case 'close-gap': {
      // Over wide white the arcs stand at its middle.
      const across = Math.min(width + 6, 18)
      const from = x + width / 2 - across / 2
      return `M${from} ${y}q${across / 2} -5 ${across} 0M${from} ${foot}q${across / 2} 5 ${across} 0`
    }
    case 'move-right':
      return page.lines.some((line) => line.part === 'header' && line.x === x && Math.abs(line.y - foot) < 9)
        ? arrow(right + 3, middle, page.right, middle) + `M${page.right} ${y}V${foot}`
        : arrow(page.left - 3, middle, Math.max(x - 3, page.left + 10), middle) +
            `M${page.left - 3} ${y}V${foot}`
    case 'move-left':
      return arrow(x - 2, middle, page.left - 3, middle) + `M${page.left - 4} ${y}V${foot}`
    case 'centre':
      return `M${x - 10} ${y}h6V${foot}h-6M${right + 10} ${y}h-6V${foot}h6`
    case 'ragged':
      // The straight right edge, and a stroke that leaves it.
      return `M${edge} ${y - 2}V${foot + 14}m2 ${-height - 14}c-5 4 3 6 -1 9c-3.5 3 3 5 0 8`
    case 'run-on':
      // A hook in the white after the line, that turns down to the next.
      return `M${right + 2} ${middle}h8c6 0 6 8 0 8h-4m3 -3l-3 3l3 3`
    case 'new-paragraph':
      return `M${x - 3} ${y - 1}h-7V${foot}m-3 -3l3 3l3 -3`
    case 'new-page':
      return `M${page.left - 10} ${y - 4}H${page.right + 2}M${page.left - 10} ${y - 4}v8M${page.right + 2} ${y - 4}v8`
    case 'pitch':
      return `M${edge - 2} ${y}h4V${foot}h-4`
    case 'take-out':
      return `${corners(mark)}M${right + 3} ${middle}c8 0 9 -9 2 -8c-5 1 -3 8 4 9`
    case 'replace':
      return mark.exact ? corners(mark) : `M${x - 5} ${foot + 1}l4 -6l4 6`
    case 'move-edge': {
      const { move = { x: 0, y: 0 } } = mark
      const bar = width > 0 ? `M${x} ${y}h${width}` : `M${x} ${y}v${height}`
      const fromX = x + width / 2
      return bar + arrow(fromX, middle, fromX + move.x, middle + move.y)
    }
    case 'page':
      return `M${page.right - 8} ${y}h10v10`
  }
}

/** Two corners that hold the words that are meant, so that none of them is struck. */
function corners({ x, y, width, height }: Mark): string {
  const [left, right, foot] = [x - 2, x + width + 2, y + height]
  return `M${left + 4} ${y}h-4v5M${right - 4} ${foot}h4v-5`
}

function arrow(x1: number, y1: number, x2: number, y2: number): string {
  const length = Math.hypot(x2 - x1, y2 - y1) || 1
  const ux = (x2 - x1) / length
  const uy = (y2 - y1) / length
  const side = (sign: 1 | -1) => `${x2 - ux * 4 - sign * uy * 3} ${y2 - uy * 4 + sign * ux * 3}`
  return `M${x1} ${y1}L${x2} ${y2}M${side(1)}L${x2} ${y2}L${side(-1)}`
}

function ring(x: number, y: number, width: number, height: number): string {
  const r = Math.min(7, height / 2)
  const across = Math.max(0, width - 2 * r)
  const down = Math.max(0, height - 2 * r)
  const corner = (dx: number, dy: number) => `a${r} ${r} 0 0 1 ${dx * r} ${dy * r}`
  return `M${x + r} ${y}h${across}${corner(1, 1)}v${down}${corner(-1, 1)}h${-across}${corner(-1, -1)}v${-down}${corner(1, -1)}z`
}

/** A dotted line under words that stand, or along an edge that does. */
function dots(x: number, y: number, length: number, level: boolean): string {
  let path = ''
  for (let at = 0; at < length; at += 4) {
    path += level ? `M${x + at} ${y}h1.4` : `M${x} ${y + at}v1.4`
  }
  return path
}
