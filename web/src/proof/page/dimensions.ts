import type { Units } from '../../ui/settings'
import { lengthOfPoints, POINTS_PER_TWIP, quantityText } from '../units'
import type { Line, Page, Reading } from '../useProof'

/** A stroke with a quantity on a page; points from the sheet's top left corner. */
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
/** How far aside of what is stands what is asked of the same margin. */
const ASKED_ASIDE = 60
/** A page with more columns than this has something else in its columns. */
const MOST_COLUMNS = 4
/** How finely a clear height is looked for. */
const STEP = 0.7
/** How far a stroke may stand from what it measures. */
const REACH = 72
/** A table with more columns has no room for the width of each. */
const MOST_TABLE_EDGES = 8
/** Room a stroke across the page needs above and below it. */
const CLEAR = 5.2

/** The dimension lines of a station on a page: what is for every quantity, what is asked where it differs. */
export function dimensionsOf(station: string, page: Page, readings: Reading[], units: Units): Dimension[] {
  const drawing = new Drawing(page, readings, units)
  switch (station) {
    case 'sheet':
      drawing.sheet()
      break
    case 'spacing':
      drawing.pitch()
      drawing.gap()
      drawing.firstLine()
      drawing.hanging()
      break
    case 'running-head':
      drawing.head()
      break
    case 'opening':
      drawing.title()
      break
    case 'tables':
      drawing.tables()
      break
    case 'sources':
      drawing.hanging()
      break
    default:
      break
  }
  return drawing.finished()
}

/** Whether a finding has a place at the paragraph of a line. */
function covers(reading: Reading, page: Page, line: Line): boolean {
  return (
    reading.off &&
    reading.places.some(
      (place) => place.part === line.part && place.paragraph === line.paragraph && place.page <= page.number,
    )
  )
}

/** A page while its dimension lines are drawn. */
class Drawing {
  private readonly out: Dimension[] = []
  private readonly text: Line[]

  constructor(
    private readonly page: Page,
    private readonly readings: Reading[],
    private readonly units: Units,
  ) {
    this.text = page.lines.filter((line) => line.part === 'text')
  }

  /** The lines, their labels in the left margin moved apart. */
  finished(): Dimension[] {
    const beside = this.out
      .filter((each) => each.anchor === 'end' && each.labelX < this.page.left)
      .sort((one, other) => one.labelY - other.labelY)
    let lowest = -Infinity
    for (const each of beside) {
      each.labelY = Math.max(each.labelY, lowest + LABEL_PITCH)
      lowest = each.labelY
    }
    return this.out
  }

  private across(
    key: string,
    kind: Dimension['kind'],
    x1: number,
    x2: number,
    y: number,
    more: Partial<Dimension> = {},
  ) {
    this.out.push({
      key,
      kind,
      x1,
      y1: y,
      x2,
      y2: y,
      label: this.length(Math.abs(x2 - x1)),
      labelX: (x1 + x2) / 2,
      labelY: y + 3,
      anchor: 'middle',
      ...more,
    })
  }

  private down(
    key: string,
    kind: Dimension['kind'],
    y1: number,
    y2: number,
    x: number,
    more: Partial<Dimension> = {},
  ) {
    this.out.push({
      key,
      kind,
      x1: x,
      y1,
      x2: x,
      y2,
      label: this.length(Math.abs(y2 - y1)),
      labelX: x + 4,
      labelY: (y1 + y2) / 2 + 3,
      anchor: 'start',
      ...more,
    })
  }

  private length(points: number): string {
    return lengthOfPoints(points, this.units)
  }

  private reading(rule: string, quantity: string): Reading | undefined {
    const all = this.readings.filter((each) => each.rule === rule && each.quantity === quantity)
    return all.find((each) => each.off) ?? all[0]
  }

  /** The asked length in points of a reading that is off. */
  private asked(reading: Reading | undefined): number | undefined {
    return reading?.off && reading.asked.twips !== undefined
      ? reading.asked.twips * POINTS_PER_TWIP
      : undefined
  }

  /** Adds `reading` only where there is one: a property that is undefined is one too many. */
  private of(reading: Reading | undefined): Partial<Dimension> {
    return reading ? { reading: reading.key } : {}
  }

  // ---- sheet

  sheet() {
    const { page } = this
    const size = this.of(this.reading('sheet.size', 'sheet'))
    this.across('width', 'is', 0, page.width, page.height - 12, size)
    this.down('height', 'is', 0, page.height, page.width - 9, {
      labelX: page.width - 13,
      labelY: page.height * 0.6,
      anchor: 'end',
      ...size,
    })
    const sideY = page.top + 58
    const topX = this.clearAcross(0, page.top)
    const bottomX = this.clearAcross(page.bottom, page.height)
    const left = this.reading('sheet.margins', 'left')
    const right = this.reading('sheet.margins', 'right')
    const top = this.reading('sheet.margins', 'top')
    const bottom = this.reading('sheet.margins', 'bottom')
    this.across('left', 'is', 0, page.left - 2, sideY, {
      label: this.length(page.left),
      ...this.of(left),
    })
    this.across('right', 'is', page.right + 2, page.width, sideY, {
      label: this.length(page.width - page.right),
      ...this.of(right),
    })
    this.down('top', 'is', 0, page.top, topX, this.of(top))
    this.down('bottom', 'is', page.bottom, page.height, bottomX, this.of(bottom))
    const askedLeft = this.asked(left)
    if (askedLeft !== undefined) {
      this.across('left-asked', 'asked', 0, askedLeft, sideY + 20, this.of(left))
    }
    const askedRight = this.asked(right)
    if (askedRight !== undefined) {
      this.across('right-asked', 'asked', page.width - askedRight, page.width, sideY + 20, this.of(right))
    }
    const askedTop = this.asked(top)
    if (askedTop !== undefined) {
      this.down('top-asked', 'asked', 0, askedTop, topX + ASKED_ASIDE, this.of(top))
    }
    const askedBottom = this.asked(bottom)
    if (askedBottom !== undefined) {
      this.down(
        'bottom-asked',
        'asked',
        page.height - askedBottom,
        page.height,
        bottomX + ASKED_ASIDE,
        this.of(bottom),
      )
    }
    this.headerDistance(page.left * 0.35, this.reading('sheet.header-distance', 'header'))
    this.columns()
  }

  /** The width of each column of the text, below it. */
  private columns() {
    const { page } = this
    const reading = this.of(this.reading('sheet.columns', 'columns'))
    const columns = new Map<string, Line>()
    for (const line of this.text) {
      const inTable = page.tables.some((table) => line.y > table.top && line.top < table.bottom)
      if (!inTable) {
        columns.set(`${Math.round(line.left)} ${Math.round(line.right)}`, line)
      }
    }
    if (columns.size <= MOST_COLUMNS) {
      const y = this.clearAt(page.left, page.right, page.bottom, 1) ?? page.bottom + 12
      let number = 0
      for (const { left, right } of columns.values()) {
        this.across(`column-${number++}`, 'is', left, right, y, reading)
      }
    }
  }

  /** A place across the page at which a stroke from one height to the other, with its label, crosses no text. */
  private clearAcross(y1: number, y2: number): number {
    const { page } = this
    const places = [0.3, 0.5, 0.7, 0.12, 0.85].map((part) => page.left + (page.right - page.left) * part)
    const isClear = (x: number) =>
      page.lines.every(
        (line) =>
          line.width === 0 ||
          line.y < y1 ||
          line.y > y2 ||
          line.x > x + ASKED_ASIDE + LABEL_WIDTH ||
          line.x + line.width < x - CLEAR,
      )
    return places.find(isClear) ?? places[0] ?? page.left
  }

  private headerDistance(x: number, reading: Reading | undefined) {
    const { page } = this
    this.down('header', 'is', 0, page.headerDistance, x, this.of(reading))
    const asked = this.asked(reading)
    if (asked !== undefined) {
      this.down('header-asked', 'asked', 0, asked, x + 34, this.of(reading))
    }
  }

  // ---- spacing

  /** From one baseline to the next, where the finding has a place on the page or at the first two lines. */
  pitch() {
    const { page } = this
    const pairs = this.text.flatMap((lower, index) => {
      const upper = this.text[index - 1]
      const follows =
        upper?.paragraph === lower.paragraph && lower.number === upper.number + 1 && lower.y > upper.y
      return follows ? [{ upper, lower }] : []
    })
    const off = this.readings.filter((each) => each.rule === 'spacing.line')
    const pair = pairs.find(({ upper }) => off.some((each) => covers(each, page, upper))) ?? pairs[0]
    if (!pair) {
      return
    }
    const { upper, lower } = pair
    const reading = off.find((each) => covers(each, page, upper)) ?? off[0]
    const x = page.left - 18
    this.down('pitch', 'is', upper.y, lower.y, x, {
      label: reading ? reading.is.text : `${(lower.y - upper.y).toFixed(1)} pt`,
      labelX: x - 6,
      anchor: 'end',
      ...this.of(reading),
    })
    if (reading?.off && reading.is.number && reading.asked.number) {
      const asked = ((lower.y - upper.y) * reading.asked.number) / reading.is.number
      this.down('pitch-asked', 'asked', upper.y, upper.y + asked, page.left - 9, {
        label: reading.asked.text,
        labelX: x - 6,
        labelY: upper.y + asked + 3,
        anchor: 'end',
        ...this.of(reading),
      })
    }
  }

  /** The white between two paragraphs beyond their lines. */
  gap() {
    const { page } = this
    const off = this.readings.filter((each) => each.rule === 'spacing.paragraph-gap')
    const pairs = this.text.flatMap((lower, index) => {
      const upper = this.text[index - 1]
      const white = upper ? lower.top - upper.top - upper.height : 0
      return upper && upper.paragraph !== lower.paragraph && white > 0.5 && white < 200
        ? [{ upper, lower, white }]
        : []
    })
    const pair =
      pairs.find(({ upper, lower }) =>
        off.some((each) => covers(each, page, upper) || covers(each, page, lower)),
      ) ?? pairs[0]
    if (!pair) {
      return
    }
    const { upper, lower, white } = pair
    const reading = off.find((each) => covers(each, page, upper) || covers(each, page, lower))
    const x = page.left - 27
    const is = `${(Math.round(white * 10) / 10).toString()} pt`
    this.down('gap', 'is', upper.top + upper.height, lower.top, x, {
      label: reading ? `${is} → ${quantityText(reading.asked, this.units)}` : is,
      labelX: x - 6,
      anchor: 'end',
      ...this.of(reading),
    })
  }

  firstLine() {
    const { page } = this
    const starts = this.text.filter((line, index) => {
      const next = this.text[index + 1]
      const runsOn = next?.paragraph === line.paragraph && next.number === 1
      return runsOn && line.number === 0 && line.x - line.left > 5 && line.x - next.x > 5
    })
    const off = this.readings.filter((each) => each.rule === 'spacing.first-line')
    const line = starts.find((each) => off.some((reading) => covers(reading, page, each))) ?? starts[0]
    if (!line) {
      return
    }
    const reading = off.find((each) => covers(each, page, line))
    const is = this.length(line.x - line.left)
    this.across('first-line', 'is', line.left, line.x - 2, line.y - 9, {
      label: reading ? `${is} → ${quantityText(reading.asked, this.units)}` : is,
      labelX: page.left - 8,
      anchor: 'end',
      ...this.of(reading ?? off[0]),
    })
  }

  /** How far the lines of an entry but the first stand in. */
  hanging() {
    const index = this.text.findIndex((line, at) => {
      const next = this.text[at + 1]
      return (
        next?.paragraph === line.paragraph &&
        line.number === 0 &&
        next.number === 1 &&
        next.x - line.x > 5 &&
        Math.abs(next.x - next.left) > 5
      )
    })
    const line = this.text[index]
    const next = this.text[index + 1]
    if (!line || !next) {
      return
    }
    this.across('hanging', 'is', line.x, next.x - 2, next.y - 3.5, {
      label: this.length(next.x - line.x),
      labelX: this.page.left - 8,
      labelY: next.y,
      anchor: 'end',
    })
  }

  // ---- running head, title, tables

  head() {
    const { page } = this
    this.headerDistance(page.left * 0.35, undefined)
    const header = page.lines.find((line) => line.part === 'header' && line.width > 0)
    if (!header) {
      return
    }
    const place = this.reading('running-head.number-place', 'place')
    const right = header.x + header.width
    if (Math.abs(page.right - right) > 1.5) {
      this.across('number', 'is', right, page.right, header.y + 9, {
        labelX: right - 4,
        labelY: header.y + 12,
        anchor: 'end',
        ...this.of(place),
      })
    }
    this.down('head-text', 'is', header.y, page.top, page.left - 12, {
      labelX: page.left - 18,
      anchor: 'end',
    })
  }

  /** From the sheet's edge to the first centred line of the text. */
  title() {
    const { page } = this
    const title = this.text.find((line) => {
      const before = line.x - page.left
      return before > 18 && line.width > 0 && Math.abs(before - (page.right - line.x - line.width)) < 3
    })
    if (title) {
      this.down('title', 'is', 0, title.y, page.left - 16, { labelX: page.left - 22, anchor: 'end' })
    }
  }

  tables() {
    const { page } = this
    for (const table of page.tables) {
      const first = table.edges[0] ?? 0
      const last = table.edges.at(-1) ?? 0
      const above = this.clearAt(first, last, table.top, -1) ?? page.top - 8
      const columns = table.edges.length > 2 && table.edges.length <= MOST_TABLE_EDGES
      const whole =
        this.clearAt(first, last, table.bottom, 1) ??
        (columns ? this.clearAt(first, last, above - CLEAR, -1) : above) ??
        page.bottom + 12
      this.across(`table-${table.number}`, 'is', first, last, whole)
      if (columns) {
        table.edges.slice(1).forEach((edge, index) => {
          this.across(`column-${table.number}-${index}`, 'is', table.edges[index] ?? 0, edge, above)
        })
      }
    }
  }

  /** A height from `from` on in a direction at which a stroke crosses no text, if there is one near. */
  private clearAt(x1: number, x2: number, from: number, direction: 1 | -1): number | undefined {
    const { page } = this
    for (let step = CLEAR + 1; step < REACH; step += STEP) {
      const y = from + direction * step
      const blocked = page.lines.some((line) => {
        const size = line.runs[0]?.size ?? 0
        const beside = line.x < x2 && line.x + line.width > x1 && line.width > 0
        return beside && y + CLEAR > line.y - size * 0.8 && y - CLEAR < line.y + size * 0.25
      })
      if (!blocked) {
        return y
      }
    }
    return undefined
  }
}
