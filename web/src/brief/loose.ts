import { marked } from 'marked'

/** Words of one look. */
export interface Span {
  words: string
  italic: boolean
  bold: boolean
}

/** A paragraph, and what the text itself says of it. */
export interface Block {
  hint: string
  spans: Span[]
}

/** What makes a paragraph of its own in a page, and what that says of it. */
const HINTS: Record<string, string> = {
  H1: 'heading-1',
  H2: 'heading-2',
  H3: 'heading-3',
  H4: 'heading-4',
  H5: 'heading-5',
  H6: 'heading-5',
  P: 'none',
  PRE: 'none',
  DIV: 'none',
  SECTION: 'none',
  ARTICLE: 'none',
  BLOCKQUOTE: 'quotation',
  LI: 'item',
  UL: 'none',
  OL: 'none',
  TR: 'none',
  TABLE: 'none',
  FIGCAPTION: 'none',
  DT: 'none',
  DD: 'none',
}

/** Elements whose words are none of the text. */
const SILENT = new Set([
  'SCRIPT',
  'STYLE',
  'TEMPLATE',
  'HEAD',
  'TITLE',
  'NOSCRIPT',
  'NAV',
  'BUTTON',
  'SVG',
  'IFRAME',
])

interface Look {
  italic: boolean
  bold: boolean
}

/** The paragraphs of a page. Nothing of it is run or fetched: it is parsed as a document that has no window. */
export function blocksOfHtml(html: string): Block[] {
  const page = new DOMParser().parseFromString(html, 'text/html')
  const out: Block[] = []
  let spans: Span[] = []
  let hint = 'none'
  const end = () => {
    const words = tidy(spans)
    if (words.length > 0) {
      out.push({ hint, spans: words })
    }
    spans = []
  }
  const walk = (node: Node, look: Look) => {
    if (node.nodeType === Node.TEXT_NODE) {
      spans.push({ words: (node.textContent ?? '').replace(/[\s\u00a0]+/g, ' '), ...look })
      return
    }
    if (!(node instanceof Element) || SILENT.has(node.tagName.toUpperCase())) {
      return
    }
    const tag = node.tagName.toUpperCase()
    const own = HINTS[tag]
    const before = hint
    if (own !== undefined || tag === 'BR') {
      end()
      hint = own === undefined || own === 'none' ? hint : own === 'item' ? itemHint(node) : own
    }
    const inner = { italic: look.italic || isSlanted(node), bold: look.bold || isBold(node, own) }
    node.childNodes.forEach((child) => walk(child, inner))
    if (own !== undefined) {
      end()
      hint = before
    } else if (tag === 'TD' || tag === 'TH') {
      spans.push({ words: ' ', italic: false, bold: false })
    }
  }
  walk(page.body, { italic: false, bold: false })
  end()
  return titled(out)
}

const itemHint = (node: Element) => (node.closest('ol') ? 'numbered-item' : 'item')

const styled = (node: Element, name: string) =>
  new RegExp(`${name}\\s*:\\s*([^;]+)`, 'i').exec(node.getAttribute('style') ?? '')?.[1]?.trim() ?? ''

const isSlanted = (node: Element) =>
  ['I', 'EM', 'CITE'].includes(node.tagName.toUpperCase()) || styled(node, 'font-style') === 'italic'

/** A heading is bold by being one. */
const isBold = (node: Element, hint: string | undefined) =>
  (['B', 'STRONG'].includes(node.tagName.toUpperCase()) && styled(node, 'font-weight') !== 'normal') ||
  (!hint?.startsWith('heading') && /^(bold|[6-9]00)$/.test(styled(node, 'font-weight')))

/** Neighbours of one look put together, without white space at the ends. */
function tidy(spans: Span[]): Span[] {
  const out: Span[] = []
  for (const span of spans) {
    const last = out.at(-1)
    if (last && last.italic === span.italic && last.bold === span.bold) {
      last.words = `${last.words}${span.words}`.replace(/ {2,}/g, ' ')
    } else if (span.words) {
      out.push({ ...span })
    }
  }
  const first = out[0]
  const last = out.at(-1)
  if (first && last) {
    first.words = first.words.trimStart()
    last.words = last.words.trimEnd()
  }
  return out.filter(({ words }) => words)
}

/** A text that has one heading of the first level, at its beginning, has a title. */
function titled(blocks: Block[]): Block[] {
  const first = blocks.filter(({ hint }) => hint === 'heading-1')
  const at = blocks.findIndex(({ hint }) => hint.startsWith('heading'))
  const title = blocks[at]
  if (first.length !== 1 || title?.hint !== 'heading-1') {
    return blocks
  }
  return blocks.map((block) =>
    block === title
      ? { ...block, hint: 'title' }
      : {
          ...block,
          hint: block.hint.replace(/[2-5]$/, (level) => String(Number(level) - 1)),
        },
  )
}

/** The paragraphs of a text: parted by blank lines where there are any, else by lines. */
export function blocksOfText(text: string): Block[] {
  const clean = text.replace(/\r\n?/g, '\n').replace(/^\uFEFF/, '')
  const parted = /\n[ \t]*\n/.test(clean) ? clean.split(/\n[ \t]*\n/) : clean.split('\n')
  return parted.flatMap((part) => {
    const lines = part.split('\n').map((line) => line.trim())
    // Short lines that stand together, as heading lines do, are lines of their own.
    const own = lines.length > 1 && lines.every((line) => line.length < 60)
    return (own ? lines : [lines.join(' ')])
      .map((words) => words.replace(/\s+/g, ' ').trim())
      .filter((words) => words !== '')
      .map((words) => ({ hint: 'none', spans: [{ words, italic: false, bold: false }] }))
  })
}

/** The paragraphs of a text in Markdown. */
export function blocksOfMarkdown(text: string): Block[] {
  return blocksOfHtml(marked.parse(text, { async: false }))
}

/** The words of a block. */
export const wordsOf = ({ spans }: Block) => spans.map(({ words }) => words).join('')
