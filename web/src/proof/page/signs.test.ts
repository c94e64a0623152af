import { describe, expect, it } from 'vitest'
import { finding, line, page, place } from '../fixtures'
import { marksOn } from './marks'
import { joinPath, signPath } from './signPath'
import { noteOf, type Sign } from './signs'

const ALL: Sign[] = [
  'roman',
  'italic',
  'ring',
  'close-up',
  'close-gap',
  'move-right',
  'move-left',
  'centre',
  'ragged',
  'run-on',
  'new-paragraph',
  'new-page',
  'pitch',
  'take-out',
  'replace',
  'move-edge',
  'page',
]

describe('notes', () => {
  it('hold the measures in the unit the person chose', () => {
    const reading = finding('a.rule', 'left', { note: 'left {asked}, not {is}' })
    expect(noteOf(reading, 'inches')).toBe('left 1 in, not 1.25 in')
    expect(noteOf(reading, 'centimetres')).toBe('left 2.54 cm, not 3.18 cm')
  })

  it('are cut where no margin holds them', () => {
    const long = finding('a.rule', 'face', {
      asked: { text: 'a legible face of any of the families that serve' },
    })
    expect(noteOf(long, 'inches')).toMatch(/^.{39}…$/)
  })
})

describe('signs', () => {
  it.each(ALL)('%s is drawn at its place, joined to its note', (sign) => {
    const sheet = page([line(5, 0, 100), line(5, 1, 128), line(6, 0, 170)])
    const whole = sign === 'move-edge' || sign === 'page'
    const at = place({ paragraph: whole ? -1 : 5, quote: whole ? '' : 'In all three' })
    const mark = marksOn(sheet, [finding('a.rule', 'q', { sign, edge: 'left', places: [at] })], 'inches')[0]
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
      finding('a.rule', 'q', { sign: 'roman', stet: 'x', places: [place()] }),
      finding('another.rule', 'left', {
        sign: 'move-edge',
        edge: 'left',
        stet: 'x',
        places: [place({ paragraph: -1 })],
      }),
    ]
    const paths = marksOn(sheet, standing, 'inches').map((mark) => signPath(mark, sheet))
    expect(paths.filter((each) => /^(M[\d.]+ [\d.]+h1\.4)+$/.test(each))).toHaveLength(1)
    expect(paths.filter((each) => /^(M[\d.]+ [\d.]+v1\.4)+$/.test(each))).toHaveLength(1)
  })
})
