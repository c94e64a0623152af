import { describe, expect, it } from 'vitest'
import { finding, line, page, place } from '../fixtures'
import { marksOn } from './marks'
import { signPath } from './signPath'
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
  it('are cut where no margin holds them', () => {
    const long = finding('a.rule', 'face', { note: 'a legible face of any of the families that serve' })
    expect(noteOf(long)).toMatch(/^.{39}…$/)
  })
})

describe('signs', () => {
  it.each(ALL)('%s is drawn at its place', (sign) => {
    const sheet = page([line(5, 0, 100), line(5, 1, 128), line(6, 0, 170)])
    const whole = sign === 'move-edge' || sign === 'page'
    const at = place({ paragraph: whole ? -1 : 5, quote: whole ? '' : 'In all three' })
    const mark = marksOn(sheet, [finding('a.rule', 'q', { sign, edge: 'left', places: [at] })], [])[0]
    expect(mark).toBeDefined()
    if (mark) {
      expect(signPath(mark, sheet)).toMatch(/^M/)
      expect(signPath(mark, sheet)).not.toMatch(/NaN|undefined/)
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
    const paths = marksOn(sheet, standing, []).map((mark) => signPath(mark, sheet))
    expect(paths.filter((each) => /^(M[\d.]+ [\d.]+h1\.4)+$/.test(each))).toHaveLength(1)
    expect(paths.filter((each) => /^(M[\d.]+ [\d.]+v1\.4)+$/.test(each))).toHaveLength(1)
  })
})
