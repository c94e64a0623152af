import { describe, expect, it } from 'vitest'
import { finding, line, page } from '../fixtures'
import type { Reading } from '../useProof'
import { marksOn } from './marks'
import { joinPath, signPath } from './signPath'
import { noteOf, signOf } from './signs'

const off: [string, Partial<Reading>, string, string][] = [
  ['sheet.margins/left', {}, 'move-edge', 'left 1 in'],
  ['sheet.header-distance/header', { asked: { text: '0.5 in', twips: 720 } }, 'move-edge', 'header 0.5 in'],
  ['sheet.size/sheet', { asked: { text: '8.5 × 11 in' } }, 'page', 'sheet 8.5 × 11 in'],
  ['spacing.hyphenation/automatic', {}, 'page', 'no hyphenation'],
  ['spacing.paragraph-gap/after', { is: { text: '8 pt', twips: 160 } }, 'close-up', 'close 8 pt'],
  ['spacing.blank-paragraphs/blank', {}, 'close-up', 'close up'],
  ['spacing.sentence-gap/gap', {}, 'close-gap', 'one space'],
  ['spacing.first-line/indent', { is: { text: '0.3 in', twips: 432 } }, 'move-right', 'to 1 in'],
  ['spacing.first-line/indent', { is: { text: '1.5 in', twips: 2160 } }, 'move-left', 'to 1 in'],
  ['spacing.alignment/alignment', { asked: { text: 'centred' } }, 'centre', 'centre'],
  ['spacing.alignment/alignment', { asked: { text: 'left' } }, 'ragged', 'ragged right'],
  ['spacing.line/line', { asked: { text: '2 lines', number: 2 } }, 'pitch', '2 lines'],
  ['spacing.line-breaks/breaks', {}, 'run-on', 'run on?'],
  ['spacing.page-push/push', {}, 'new-page', 'new page'],
  ['spacing.widows/widows', { asked: { text: 'none' } }, 'new-paragraph', 'none'],
  ['type.face/face', { asked: { text: 'Times New Roman' } }, 'roman', 'Times New Roman'],
  ['type.emphasis/underline', {}, 'italic', 'italic?'],
  ['type.emphasis/bold', {}, 'roman', 'plain?'],
  ['running-head.label/label', {}, 'take-out', 'take out'],
  ['running-head.number-live/live', {}, 'replace', 'live #'],
  ['running-head.first-page/first', {}, 'replace', 'header here too'],
  ['running-head.number-place/place', { asked: { text: 'top right' } }, 'move-right', 'top right'],
  ['type.colour/colour', { asked: { text: 'black' } }, 'ring', 'black'],
]

function reading(name: string, more: Partial<Reading>): Reading {
  const [rule = '', quantity = ''] = name.split('/')
  return finding(rule, quantity, more)
}

describe('signs', () => {
  it.each(off)('%s %j has the sign %s and the note %s', (name, more, sign, note) => {
    expect(signOf(reading(name, more))).toBe(sign)
    expect(noteOf(reading(name, more), 'inches')).toBe(note)
  })

  it('cut a note that no margin holds', () => {
    const long = reading('type.face/face', {
      asked: { text: 'a legible face of any of the families that serve' },
    })
    expect(noteOf(long, 'inches')).toMatch(/^.{39}…$/)
  })

  it.each(off)('%s %j is drawn at its place, joined to its note', (name, more) => {
    const sheet = page([line(5, 0, 100), line(5, 1, 128), line(6, 0, 170)])
    const whole = name.startsWith('sheet') || name.startsWith('spacing.hyphenation')
    const place = { part: 'text', page: 1, paragraph: whole ? -1 : 5, quote: whole ? '' : 'In all three' }
    const mark = marksOn(sheet, [reading(name, { ...more, places: [place] })], 'inches')[0]
    expect(mark).toBeDefined()
    if (mark) {
      const paths = signPath(mark, sheet) + joinPath(mark, sheet)
      expect(paths).toMatch(/^M/)
      expect(paths).not.toMatch(/NaN|undefined/)
      expect(mark.noteX + mark.note.join(' ').length).toBeLessThan(sheet.width)
    }
  })

  it('of what stands are dots, along words or along an edge', () => {
    const sheet = page([line(5, 0, 100)])
    const standing = [
      reading('type.face/face', { stet: 'x', places: [{ part: 'text', page: 1, paragraph: 5, quote: '' }] }),
      reading('sheet.margins/left', {
        stet: 'x',
        places: [{ part: 'text', page: 1, paragraph: -1, quote: '' }],
      }),
    ]
    const paths = marksOn(sheet, standing, 'inches').map((mark) => signPath(mark, sheet))
    expect(paths.filter((each) => /^(M[\d.]+ [\d.]+h1\.4)+$/.test(each))).toHaveLength(1)
    expect(paths.filter((each) => /^(M[\d.]+ [\d.]+v1\.4)+$/.test(each))).toHaveLength(1)
  })
})
