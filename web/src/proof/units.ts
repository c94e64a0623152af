import type { Units } from '../ui/settings'
import type { Measure, Reading } from './useProof'

const TWIPS_PER_INCH = 1440
const TWIPS_PER_CENTIMETRE = 1440 / 2.54
const POINTS_PER_INCH = 72
export const POINTS_PER_TWIP = 1 / 20

function plain(value: number): string {
  // 3.175 is a hair less in binary; it rounds up as it does on paper.
  const text = (Math.round(value * 100 + 1e-6) / 100).toFixed(2).replace(/\.?0+$/, '')
  return text === '-0' ? '0' : text
}

/** A length of the page, in points, as a person reads it. */
export function lengthOfPoints(points: number, units: Units): string {
  const inches = points / POINTS_PER_INCH
  return units === 'inches' ? `${plain(inches)} in` : `${plain(inches * 2.54)} cm`
}

/** A quantity in the unit the person chose; sizes of type stay in points. */
export function quantityText(quantity: Measure, units: Units): string {
  if (quantity.twips === undefined || quantity.text.endsWith('pt') || units === 'inches') {
    return quantity.text
  }
  return `${plain(quantity.twips / TWIPS_PER_CENTIMETRE)} cm`
}

/** By how much a reading is off, with its sign; empty where there is no number to it. */
export function offBy(reading: Reading, units: Units): string {
  const { is, asked } = reading
  if (is.twips !== undefined && asked.twips !== undefined) {
    const difference = is.twips - asked.twips
    const per = asked.text.endsWith('pt') ? 20 : units === 'inches' ? TWIPS_PER_INCH : TWIPS_PER_CENTIMETRE
    return signed(difference / per)
  }
  if (is.number !== undefined && asked.number !== undefined) {
    return signed(is.number - asked.number)
  }
  return ''
}

function signed(value: number): string {
  const text = plain(Math.abs(value))
  return value < 0 ? `−${text}` : `+${text}`
}
