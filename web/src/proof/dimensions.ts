import type { Units } from '../ui/settings'
import { lengthOfPoints, quantityText } from './units'
import type { Line, Page, Reading } from './useProof'

/** A stroke with a quantity on a page; points from the sheet's top left corner. */
export interface Dimension {
  key: string
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

const POINTS_PER_TWIP = 1 / 20

/** The dimension lines of a station on a page: what is for every quantity, what is asked where it differs. */
export function dimensionsOf(station: string, page: Page, readings: Reading[], units: Units): Dimension[] {
  switch (station) {
    case 'sheet':
      return sheetDimensions(page, readings, units)
    case 'spacing':
      return spacingDimensions(page, readings, units)
    case 'running-head':
      return headDimensions(page, units)
    default:
      return []
  }
}

function horizontal(
  key: string,
  kind: Dimension['kind'],
  x1: number,
  x2: number,
  y: number,
  label: string,
): Dimension {
  return { key, kind, x1, y1: y, x2, y2: y, label, labelX: (x1 + x2) / 2, labelY: y + 3, anchor: 'middle' }
}

function vertical(
  key: string,
  kind: Dimension['kind'],
  y1: number,
  y2: number,
  x: number,
  label: string,
): Dimension {
  return { key, kind, x1: x, y1, x2: x, y2, label, labelX: x + 4, labelY: (y1 + y2) / 2 + 3, anchor: 'start' }
}

/** The asked length in points of a reading that is off, else undefined. */
function askedPoints(readings: Reading[], rule: string, quantity: string): number | undefined {
  const reading = readings.find((each) => each.rule === rule && each.quantity === quantity && each.off)
  return reading?.asked.twips === undefined ? undefined : reading.asked.twips * POINTS_PER_TWIP
}

function sheetDimensions(page: Page, readings: Reading[], units: Units): Dimension[] {
  const out: Dimension[] = []
  const sideY = page.top + 58
  const acrossX = page.left + (page.right - page.left) * 0.3
  const length = (points: number) => lengthOfPoints(points, units)
  out.push(horizontal('left', 'is', 0, page.left - 2, sideY, length(page.left)))
  out.push(horizontal('right', 'is', page.right + 2, page.width, sideY, length(page.width - page.right)))
  out.push(vertical('top', 'is', 0, page.top, acrossX, length(page.top)))
  out.push(vertical('bottom', 'is', page.bottom, page.height, acrossX, length(page.height - page.bottom)))
  const headX = page.width - Math.min(22, (page.width - page.right) / 3)
  out.push({
    ...vertical('header', 'is', 0, page.headerDistance, headX, length(page.headerDistance)),
    labelX: headX - 4,
    anchor: 'end',
  })

  const left = askedPoints(readings, 'sheet.margins', 'left')
  if (left !== undefined) {
    out.push(horizontal('left-asked', 'asked', 0, left, sideY + 20, length(left)))
  }
  const right = askedPoints(readings, 'sheet.margins', 'right')
  if (right !== undefined) {
    out.push(horizontal('right-asked', 'asked', page.width - right, page.width, sideY + 20, length(right)))
  }
  const top = askedPoints(readings, 'sheet.margins', 'top')
  if (top !== undefined) {
    out.push(vertical('top-asked', 'asked', 0, top, acrossX + 60, length(top)))
  }
  const bottom = askedPoints(readings, 'sheet.margins', 'bottom')
  if (bottom !== undefined) {
    out.push(
      vertical('bottom-asked', 'asked', page.height - bottom, page.height, acrossX + 60, length(bottom)),
    )
  }
  const header = askedPoints(readings, 'sheet.header-distance', 'header')
  if (header !== undefined) {
    const x = headX - 44
    out.push({
      ...vertical('header-asked', 'asked', 0, header, x, length(header)),
      labelX: x - 4,
      anchor: 'end',
    })
  }
  return out
}

function spacingDimensions(page: Page, readings: Reading[], units: Units): Dimension[] {
  const out: Dimension[] = []
  const text = page.lines.filter((line) => line.part === 'text')
  const pair = firstPair(text)
  if (pair) {
    const [upper, lower] = pair
    const reading = readings.find((each) => each.rule === 'spacing.line' && covers(each, page, upper))
    const met = readings.find((each) => each.rule === 'spacing.line')
    const shown = reading ?? met
    const x = page.left - 20
    out.push({
      ...vertical(
        'pitch',
        'is',
        upper.y,
        lower.y,
        x,
        shown ? shown.is.text : `${(lower.y - upper.y).toFixed(1)} pt`,
      ),
      labelX: x - 5,
      anchor: 'end',
    })
    if (reading?.off && reading.is.number && reading.asked.number) {
      const asked = ((lower.y - upper.y) * reading.asked.number) / reading.is.number
      out.push({
        ...vertical('pitch-asked', 'asked', upper.y, upper.y + asked, page.left - 11, reading.asked.text),
        labelX: x - 5,
        labelY: upper.y + asked + 3,
        anchor: 'end',
      })
    }
  }
  const indented = text.find((line, index) => {
    const next = text[index + 1]
    const runsOn = next?.paragraph === line.paragraph && next.number === 1
    return runsOn && line.number === 0 && line.x - line.left > 5 && line.x - next.x > 5
  })
  if (indented) {
    const reading = readings.find(
      (each) => each.rule === 'spacing.first-line' && covers(each, page, indented),
    )
    const is = lengthOfPoints(indented.x - indented.left, units)
    const y = indented.y - 9
    out.push({
      ...horizontal('first-line', 'is', indented.left, indented.x - 2, y, is),
      labelX: page.left - 8,
      anchor: 'end',
      ...(reading ? { label: `${is} → ${quantityText(reading.asked, units)}` } : {}),
    })
  }
  return out
}

/** The first two lines of one paragraph that stand one below the other. */
function firstPair(lines: Line[]): [Line, Line] | undefined {
  for (let i = 1; i < lines.length; i++) {
    const upper = lines[i - 1]
    const lower = lines[i]
    if (
      upper &&
      lower &&
      upper.paragraph === lower.paragraph &&
      lower.number === upper.number + 1 &&
      lower.y > upper.y
    ) {
      return [upper, lower]
    }
  }
  return undefined
}

/** Whether a finding has a place at the paragraph of a line. */
export function covers(reading: Reading, page: Page, line: Line): boolean {
  return (
    reading.off &&
    reading.places.some(
      (place) => place.part === line.part && place.paragraph === line.paragraph && place.page <= page.number,
    )
  )
}

function headDimensions(page: Page, units: Units): Dimension[] {
  const header = page.lines.find((line) => line.part === 'header' && line.width > 0)
  if (!header) {
    return []
  }
  const right = header.x + header.width
  const out: Dimension[] = [
    {
      ...vertical(
        'header',
        'is',
        0,
        page.headerDistance,
        page.width - 22,
        lengthOfPoints(page.headerDistance, units),
      ),
      labelX: page.width - 26,
      anchor: 'end',
    },
  ]
  if (Math.abs(page.right - right) > 1.5) {
    out.push({
      ...horizontal(
        'number',
        'is',
        right,
        page.right,
        header.y + 9,
        lengthOfPoints(page.right - right, units),
      ),
      labelX: page.right + 4,
      anchor: 'start',
    })
  }
  return out
}
