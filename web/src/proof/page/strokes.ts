import type { Units } from '../../ui/settings'
import { lengthOfPoints, quantityText } from '../units'
import type { Measure, Page, Stroke } from '../useProof'

/** A stroke with a quantity, placed on a page; points from the sheet's top left corner. */
export interface Dimension {
  key: string
  /** Key of the reading it shows, where there is one. */
  reading?: string
  /** What is, in ink with arrowheads, or what is asked, in dashed pencil. */
  kind: 'is' | 'asked'
  x1: number
  y1: number
  x2: number
  y2: number
  label: string
  labelX: number
  labelY: number
  anchor: 'start' | 'middle' | 'end'
}

/** Labels beside each other in a margin keep this distance. */
const LABEL_PITCH = 11
/** About the width of a label. */
const LABEL_WIDTH = 40
/** How far aside of what is stands what is asked of the same distance, down and across. */
const ASKED_BESIDE = 60
const ASKED_BELOW = 20
/** A stroke shorter than this has its label in the margin beside it. */
const SHORT = 60
/** How finely a clear place is looked for. */
const STEP = 0.7
/** Room a stroke needs on either side. */
const CLEAR = 5.2
/** How far from the edge of a margin the strokes in it stand, and how far from each other. */
const MARGIN_INSET = 18
const LANE = 9
/** How far from the edge of a wide band a stroke stands in it. */
const BAND_INSET = 58
/** A band wider than this is a field to choose a place in. */
const WIDE = 200
/** Where down a sheet's own height its label stands. */
const SHEET_LABEL = 0.6

/** The dimension lines of strokes: each where it crosses no words, what is asked beside it where that differs. */
export function placeStrokes(page: Page, strokes: Stroke[], units: Units): Dimension[] {
  const out: Dimension[] = []
  strokes.forEach((stroke, index) => {
    const key = `${stroke.quantity}-${index}`
    out.push(
      ...(stroke.axis === 'across' ? across(page, stroke, key, units) : down(page, stroke, key, units, out)),
    )
  })
  return apart(page, out)
}

/** Moves the labels in the left margin apart. */
function apart(page: Page, dimensions: Dimension[]): Dimension[] {
  let lowest = -Infinity
  dimensions
    .filter((each) => each.anchor === 'end' && each.labelX < page.left)
    .sort((one, other) => one.labelY - other.labelY)
    .forEach((each) => {
      each.labelY = Math.max(each.labelY, lowest + LABEL_PITCH)
      lowest = each.labelY
    })
  return dimensions
}

function told(measure: Measure | undefined, points: number, units: Units): string {
  return measure ? quantityText(measure, units) : lengthOfPoints(Math.abs(points), units)
}

function labels(stroke: Stroke, units: Units) {
  const is = told(stroke.is, stroke.to - stroke.from, units)
  const asked = stroke.asked === undefined ? undefined : told(stroke.ought, stroke.asked - stroke.from, units)
  return { is, asked }
}

const tied = (stroke: Stroke) => (stroke.reading ? { reading: stroke.reading } : {})

// ---- across the page

function across(page: Page, stroke: Stroke, key: string, units: Units): Dimension[] {
  const { is, asked } = labels(stroke, units)
  const length = Math.abs(stroke.to - stroke.from)
  const inText = stroke.from >= page.left - 1 && stroke.to <= page.right + 1
  const short = inText && length < SHORT && Math.abs(stroke.far - stroke.near) < SHORT
  const y = short ? stroke.near + Math.sign(stroke.far - stroke.near) * LANE : clearHeight(page, stroke)
  const base = { y1: y, y2: y, ...tied(stroke) }
  const ink: Dimension = {
    ...base,
    key,
    kind: 'is',
    x1: Math.min(stroke.from, stroke.to),
    x2: Math.max(stroke.from, stroke.to),
    label: short && asked ? `${is} → ${asked}` : is,
    labelX: short ? page.left - 8 : (stroke.from + stroke.to) / 2,
    labelY: y + 3,
    anchor: short ? 'end' : 'middle',
  }
  if (stroke.asked === undefined || asked === undefined || short) {
    return [ink]
  }
  const below = y + ASKED_BELOW
  const pencil: Dimension = {
    ...base,
    key: `${key}-asked`,
    kind: 'asked',
    x1: Math.min(stroke.from, stroke.asked),
    x2: Math.max(stroke.from, stroke.asked),
    y1: below,
    y2: below,
    label: asked,
    labelX: (stroke.from + stroke.asked) / 2,
    labelY: below + 3,
    anchor: 'middle',
  }
  return [ink, pencil]
}

/** A height in the stroke's band at which it crosses no words: as near to the band's near end as there is one. */
function clearHeight(page: Page, stroke: Stroke): number {
  const direction = Math.sign(stroke.far - stroke.near) || 1
  const width = Math.abs(stroke.far - stroke.near)
  const start = stroke.near + direction * (width > WIDE ? BAND_INSET : CLEAR + 1)
  const [x1, x2] = [Math.min(stroke.from, stroke.to), Math.max(stroke.from, stroke.to)]
  for (let y = start; Math.abs(y - stroke.near) < width; y += direction * STEP) {
    const blocked = page.lines.some((line) => {
      const size = line.runs[0]?.size ?? 0
      const beside = line.x < x2 && line.x + line.width > x1 && line.width > 0
      return beside && y + CLEAR > line.y - size * 0.8 && y - CLEAR < line.y + size * 0.25
    })
    if (!blocked) {
      return y
    }
  }
  return start
}

// ---- down the page

function down(page: Page, stroke: Stroke, key: string, units: Units, placed: Dimension[]): Dimension[] {
  const { is, asked } = labels(stroke, units)
  const inMargin = Math.min(stroke.near, stroke.far) < page.left - 1 && stroke.near <= page.left + 1
  const atEdge = stroke.near > page.right + 1
  const y1 = Math.min(stroke.from, stroke.to)
  const y2 = Math.max(stroke.from, stroke.to)
  const x = inMargin ? lane(page, y1, y2, placed) : atEdge ? stroke.near - LANE : clearPlace(page, y1, y2)
  const askedEdge = stroke.asked
  // An asked distance of nothing cannot be drawn; it is said with what is.
  const drawn = askedEdge !== undefined && Math.abs(askedEdge - stroke.from) > 1
  const combined = asked !== undefined && !drawn ? `${is} → ${asked}` : is
  const ink: Dimension = {
    key,
    kind: 'is',
    x1: x,
    x2: x,
    y1,
    y2,
    label: combined,
    labelX: inMargin ? x - 6 : atEdge ? x - 4 : x + 4,
    labelY: atEdge ? y1 + (y2 - y1) * SHEET_LABEL : (y1 + y2) / 2 + 3,
    anchor: inMargin || atEdge ? 'end' : 'start',
    ...tied(stroke),
  }
  if (askedEdge === undefined || asked === undefined || !drawn) {
    return [ink]
  }
  const aside = inMargin ? x + LANE : x + ASKED_BESIDE
  const pencil: Dimension = {
    ...ink,
    key: `${key}-asked`,
    kind: 'asked',
    x1: aside,
    x2: aside,
    y1: Math.min(stroke.from, askedEdge),
    y2: Math.max(stroke.from, askedEdge),
    label: asked,
    labelX: inMargin ? x - 6 : aside + 4,
    labelY: inMargin ? Math.max(stroke.from, askedEdge) + 3 : (stroke.from + askedEdge) / 2 + 3,
  }
  return [ink, pencil]
}

/** A place in the left margin at which no other stroke stands beside. */
function lane(page: Page, y1: number, y2: number, placed: Dimension[]): number {
  let x = page.left - MARGIN_INSET
  const taken = () =>
    placed.some(
      (each) => Math.abs(each.x1 - x) < LANE - 1 && each.x1 === each.x2 && each.y1 < y2 && each.y2 > y1,
    )
  while (taken() && x > MARGIN_INSET) {
    x -= LANE
  }
  return x
}

/** A place across the page at which a stroke from one height to the other, with its label, crosses no text. */
function clearPlace(page: Page, y1: number, y2: number): number {
  const places = [0.3, 0.5, 0.7, 0.12, 0.85].map((part) => page.left + (page.right - page.left) * part)
  const isClear = (x: number) =>
    page.lines.every(
      (line) =>
        line.width === 0 ||
        line.y < y1 ||
        line.y > y2 ||
        line.x > x + ASKED_BESIDE + LABEL_WIDTH ||
        line.x + line.width < x - CLEAR,
    )
  return places.find(isClear) ?? places[0] ?? page.left
}
