import type { Zoom } from '../ui/settings'

export const ZOOMS: Record<Zoom, string> = { width: 'fit width', page: 'fit page', actual: 'actual size' }

/** White beside and between the sheets on the desk, in pixels. */
export const SIDES = 32
export const GAP = 22

const PIXELS_PER_POINT = 96 / 72
const SMALLEST = 0.3
const LARGEST = 2

export function nextZoom(zoom: Zoom): Zoom {
  return zoom === 'width' ? 'page' : zoom === 'page' ? 'actual' : 'width'
}

/** Pixels in a point of the page, on a desk of this size that has to hold the largest of the pages. */
export function scaleOf(
  zoom: Zoom,
  pages: { width: number; height: number }[],
  desk: { width: number; height: number },
): number {
  if (zoom === 'actual' || desk.width === 0) {
    return PIXELS_PER_POINT
  }
  const widest = Math.max(...pages.map((page) => page.width))
  const tallest = Math.max(...pages.map((page) => page.height))
  const sides = Math.min(SIDES, desk.width * 0.03)
  const across = (desk.width - 2 * sides) / widest
  const scale = zoom === 'width' ? across : Math.min(across, (desk.height - 2 * GAP) / tallest)
  return Math.max(SMALLEST, Math.min(LARGEST, scale))
}
