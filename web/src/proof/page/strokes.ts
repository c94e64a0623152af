import type { Page, Stroke } from '../useProof'
import { type Box, Space } from './space'

/** A line of a label: what is, or what is asked. */
export interface LabelLine {
  text: string
  kind: 'is' | 'asked'
}

/** What a dimension line says of itself. */
export interface Label {
  lines: LabelLine[]
  /** Where the first line's baseline starts, is centred or ends. */
  x: number
  y: number
  anchor: 'start' | 'middle' | 'end'
  box: Box
}

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
  /** None where the page has no room for it. */
  label?: Label
}

/** Half of the room a line takes with its arrowheads. */
const HALF = 4.6
/** A line that measures in the midst of words may touch them with its ends; another keeps away from them. */
const TOUCH = 1.2
const AWAY = -2
/** How finely a place is looked for. */
const STEP = 2
/** How far from the edge of a margin the strokes in it stand, and how far from each other. */
const MARGIN_INSET = 16
const LANE = 9
/** How far from the edge of a wide band a stroke stands in it; a band wider than this is a field to choose in. */
const BAND_INSET = 58
const WIDE = 200
/** A stroke shorter than this has its label in the margin beside it. */
const SHORT = 60
/** How far what is asked stands from what is, of the same distance down the page. */
const ASKED_BESIDE = 60
/** Room between a line and its label. */
const GAP = 4
/** About the width of a letter of a label, and the height of its line, in parts of the size. */
const LETTER = 0.5
export const LABEL_LINE = 1.1

/**
 * The dimension lines of strokes: each where it crosses no words and no other, with its label beside it, and what is
 * asked in a line of its own where that differs. A label for which there is no room is left out: the ledger says it too.
 *
 * @param size of labels, in points
 * @param space what is free on the page, and what these take of it
 */
export function placeStrokes(page: Page, strokes: Stroke[], size: number, space: Space): Dimension[] {
  return strokes.flatMap((stroke, index) => {
    const key = `${stroke.quantity}-${index}`
    return stroke.axis === 'across'
      ? across(page, stroke, key, size, space)
      : down(page, stroke, key, size, space)
  })
}

type Ends = Pick<Dimension, 'x1' | 'y1' | 'x2' | 'y2'>

/** Takes the first place that has room for a line and its label; then for a line alone; else the first there is. */
function settle(
  places: Ends[],
  labelsAt: (at: Ends) => Label[],
  space: Space,
  around: (at: Ends) => Box = roomOf,
): Ends & { label?: Label } {
  let bare: Ends | undefined
  for (const at of places) {
    const room = around(at)
    if (space.isClearForLine(room)) {
      bare ??= at
      const label = labelsAt(at).find(({ box }) => space.isFree(box))
      if (label) {
        space.takeLine(room)
        space.take(label.box)
        return { ...at, label }
      }
    }
  }
  const at = bare ?? places[0] ?? { x1: 0, y1: 0, x2: 0, y2: 0 }
  space.takeLine(around(at))
  return at
}

function roomOf({ x1, y1, x2, y2 }: Ends, touch = TOUCH): Box {
  return x1 === x2
    ? { x: x1 - HALF, y: y1 + touch, width: 2 * HALF, height: Math.max(0, y2 - y1 - 2 * touch) }
    : { x: x1 + touch, y: y1 - HALF, width: Math.max(0, x2 - x1 - 2 * touch), height: 2 * HALF }
}

const awayFromWords = (at: Ends) => roomOf(at, AWAY)

/** A label whose box has its left edge, middle or right edge at x and its middle at y. */
function labelAt(lines: LabelLine[], size: number, x: number, y: number, anchor: Label['anchor']): Label {
  const width = Math.max(...lines.map(({ text }) => text.length)) * size * LETTER + 3
  const height = lines.length * size * LABEL_LINE
  const left = anchor === 'start' ? x : anchor === 'middle' ? x - width / 2 : x - width
  const box = { x: left, y: y - height / 2, width, height }
  return { lines, x, y: box.y + size * 0.86, anchor, box }
}

const tied = (stroke: Stroke) => (stroke.reading ? { reading: stroke.reading } : {})
const is = (stroke: Stroke): LabelLine => ({ text: stroke.is, kind: 'is' })
const asked = (stroke: Stroke): LabelLine[] =>
  stroke.ought === undefined ? [] : [{ text: stroke.ought, kind: 'asked' }]

/** Numbers from one to another in steps. */
function range(from: number, to: number): number[] {
  const count = Math.max(0, Math.floor(Math.abs(to - from) / STEP))
  const direction = Math.sign(to - from) || 1
  return Array.from({ length: count + 1 }, (_, index) => from + index * STEP * direction)
}

// ---- across the page

function across(page: Page, stroke: Stroke, key: string, size: number, space: Space): Dimension[] {
  const direction = Math.sign(stroke.far - stroke.near) || 1
  const band = Math.abs(stroke.far - stroke.near)
  const inText = stroke.from >= page.left - 1 && stroke.to <= page.right + 1
  const x1 = Math.min(stroke.from, stroke.to)
  const x2 = Math.max(stroke.from, stroke.to)
  const levels = (start: number) =>
    [...range(start, stroke.far), ...range(stroke.near, start)].map((y) => ({ x1, x2, y1: y, y2: y }))
  if (inText && x2 - x1 < SHORT && band < SHORT) {
    // In the white of a line; what it says stands in the margin beside it.
    const said = [is(stroke), ...asked(stroke)]
    const beside = ({ y1 }: Ends) =>
      [0, -6, 6, -12, 12, 18].map((by) => labelAt(said, size, page.left - 8, y1 + by, 'end'))
    return [
      { key, kind: 'is', ...tied(stroke), ...settle(levels(stroke.near + direction * GAP), beside, space) },
    ]
  }
  const start = stroke.near + direction * (band > WIDE ? BAND_INSET : HALF + 1)
  const ink: Dimension = {
    key,
    kind: 'is',
    ...tied(stroke),
    ...settle(levels(start), (at) => onLine([is(stroke)], size, at), space, awayFromWords),
  }
  if (stroke.asked === undefined || stroke.ought === undefined) {
    return [ink]
  }
  const ends = { x1: Math.min(stroke.from, stroke.asked), x2: Math.max(stroke.from, stroke.asked) }
  const pencil = settle(
    levels(ink.y1 + direction * size).map((each) => ({ ...each, ...ends })),
    (at) => onLine(asked(stroke), size, at),
    space,
    awayFromWords,
  )
  return [ink, { key: `${key}-asked`, kind: 'asked', ...tied(stroke), ...pencil }]
}

/** Labels in a level line, or where it is too short over it or under it. */
function onLine(lines: LabelLine[], size: number, { x1, x2, y1 }: Ends): Label[] {
  const middle = (x1 + x2) / 2
  const within = labelAt(lines, size, middle, y1, 'middle')
  const aside = HALF + within.box.height / 2
  return [
    ...(within.box.width + 12 < x2 - x1 ? [within] : []),
    labelAt(lines, size, middle, y1 - aside, 'middle'),
    labelAt(lines, size, middle, y1 + aside, 'middle'),
  ]
}

// ---- down the page

function down(page: Page, stroke: Stroke, key: string, size: number, space: Space): Dimension[] {
  const inMargin = Math.min(stroke.near, stroke.far) < page.left - 1 && stroke.near <= page.left + 1
  const atEdge = stroke.near > page.right + 1
  const y1 = Math.min(stroke.from, stroke.to)
  const y2 = Math.max(stroke.from, stroke.to)
  // An asked distance of nothing cannot be drawn; it is said with what is.
  const drawn = stroke.asked !== undefined && Math.abs(stroke.asked - stroke.from) > 1
  const said = [is(stroke), ...(drawn && !inMargin ? [] : asked(stroke))]
  const ends = {
    y1: Math.min(stroke.from, stroke.asked ?? stroke.to),
    y2: Math.max(stroke.from, stroke.asked ?? stroke.to),
  }
  // In the margin the line of what is asked stands close beside.
  const both = ({ x1 }: Ends): Box => {
    const top = Math.min(y1, ends.y1)
    return { x: x1 - HALF, y: top, width: 2 * HALF + LANE, height: Math.max(y2, ends.y2) - top }
  }
  const places = (inMargin ? marginLanes(page) : atEdge ? edgeLanes(page, stroke) : fieldLanes(page)).map(
    (x) => ({ x1: x, x2: x, y1, y2 }),
  )
  const ink: Dimension = {
    key,
    kind: 'is',
    ...tied(stroke),
    ...settle(
      places,
      (at) => besideLine(said, size, at, inMargin || atEdge),
      space,
      inMargin && drawn ? both : roomOf,
    ),
  }
  if (!drawn) {
    return [ink]
  }
  const aside = [
    ink.x1 + ASKED_BESIDE,
    ...range(ink.x1 + LANE, page.right),
    ...range(ink.x1 - LANE, page.left),
  ].map((x) => ({ x1: x, x2: x, ...ends }))
  const pencil = inMargin
    ? { x1: ink.x1 + LANE, x2: ink.x1 + LANE, ...ends }
    : settle(aside, (at) => besideLine(asked(stroke), size, at, false), space)
  return [ink, { key: `${key}-asked`, kind: 'asked', ...tied(stroke), ...pencil }]
}

/** Labels beside an upright line, at its middle first. */
function besideLine(lines: LabelLine[], size: number, { x1, y1, y2 }: Ends, left: boolean): Label[] {
  const heights = [
    ...[0.5, 0.62, 0.38, 0.8, 0.2].map((part) => y1 + (y2 - y1) * part),
    y2 + size * 0.6,
    y1 - size * 0.6,
  ]
  return heights.flatMap((y) => [
    ...(left ? [] : [labelAt(lines, size, x1 + HALF + 1, y, 'start')]),
    labelAt(lines, size, x1 - HALF - 1, y, 'end'),
  ])
}

/** From the text outwards, each far enough from the last for the line of what is asked between them. */
function marginLanes(page: Page): number[] {
  const out: number[] = []
  for (let x = Math.max(LANE, page.left - MARGIN_INSET); x >= LANE; x -= LANE) {
    out.push(x)
  }
  return out
}

/** Along the sheet's edge. */
function edgeLanes(page: Page, { near }: Stroke): number[] {
  return [near - LANE, near - 2 * LANE].filter((x) => x > page.right)
}

/** Across the text, where there is most white; at last beside it. */
function fieldLanes(page: Page): number[] {
  const width = page.right - page.left
  return [
    ...[0.3, 0.5, 0.7, 0.12, 0.85].map((part) => page.left + width * part),
    ...range(page.left + 6, page.right - 6),
    page.left - MARGIN_INSET,
  ]
}
