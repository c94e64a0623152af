import { describe, expect, it } from 'vitest'
import { blocksOfHtml, blocksOfMarkdown, blocksOfText, wordsOf } from './loose'

const told = (blocks: ReturnType<typeof blocksOfText>) =>
  blocks.map((block) => `${block.hint}: ${wordsOf(block)}`)

describe('loose text', () => {
  it('is parted by blank lines, lines that run on put together', () => {
    expect(
      told(
        blocksOfText(
          '\uFEFFOne paragraph that runs\r\nover two lines which are long enough to be prose and no heading.\r\n\r\nAnother.',
        ),
      ),
    ).toEqual([
      'none: One paragraph that runs over two lines which are long enough to be prose and no heading.',
      'none: Another.',
    ])
  })

  it('keeps short lines that stand together, and without blank lines all lines', () => {
    expect(told(blocksOfText('Marit Solvane\nDr. Ilse Tamberg\n\nText.'))).toEqual([
      'none: Marit Solvane',
      'none: Dr. Ilse Tamberg',
      'none: Text.',
    ])
    expect(blocksOfText('One.\nTwo.\nThree.')).toHaveLength(3)
    expect(blocksOfText('  \n \n')).toEqual([])
  })

  it('in Markdown has headings under a title, quotations, lists and emphasis', () => {
    const blocks = blocksOfMarkdown(
      '# Lamps\n\n## Night\n\nA *lamp* is **lit**.\n\n> Quoted.\n\n1. oil\n2. wicks\n\n- rope\n',
    )
    expect(told(blocks)).toEqual([
      'title: Lamps',
      'heading-1: Night',
      'none: A lamp is lit.',
      'quotation: Quoted.',
      'numbered-item: oil',
      'numbered-item: wicks',
      'item: rope',
    ])
    expect(blocks[2]?.spans.map(({ words, italic, bold }) => [words, italic, bold])).toEqual([
      ['A ', false, false],
      ['lamp', true, false],
      [' is ', false, false],
      ['lit', false, true],
      ['.', false, false],
    ])
  })

  it('of a page leaves out what is none of the text, and runs nothing', () => {
    const blocks = blocksOfHtml(
      '<nav>Menu</nav><script>window.ran = true</script><style>p{}</style><img src=x onerror="window.ran = true">' +
        '<h1>One</h1><h1>Two</h1><p style="font-style: italic">Set&nbsp; aside<br>and on</p><td>a</td>',
    )
    expect(told(blocks)).toEqual([
      'heading-1: One',
      'heading-1: Two',
      'none: Set aside',
      'none: and on',
      'none: a',
    ])
    expect(blocks[2]?.spans[0]?.italic).toBe(true)
    expect('ran' in window).toBe(false)
  })
})
