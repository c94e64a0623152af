import { useMutation, useQueryClient } from '@tanstack/react-query'
import { type ChangeEvent, type ClipboardEvent, useMemo, useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { type Schemas, sendFile } from '../api/client'
import { finish, type Work } from '../api/work'
import { useGuides } from '../bring/useBring'
import { Notice } from '../ui/Notice'
import { useTitle } from '../ui/useTitle'
import { fileNameOf } from './files'
import { type Block, blocksOfHtml, blocksOfMarkdown, blocksOfText, wordsOf } from './loose'
import { type Brief, useKeptBrief } from './useBrief'

type Taken = Schemas['TakenChoice']
type Understood = Schemas['UnderstoodView']

/** What a block can be said to be, as it is called. */
const KINDS: [string, string][] = [
  ['title', 'Title'],
  ['author', 'Author'],
  ['instructor', 'Instructor'],
  ['course', 'Course'],
  ['class-period', 'Class period'],
  ['institution', 'Institution'],
  ['department', 'Department'],
  ['assignment', 'Assignment'],
  ['date', 'Date'],
  ['abstract-label', 'Label of the abstract'],
  ['abstract-text', 'Abstract'],
  ['keywords', 'Keywords'],
  ['heading-1', 'Heading, level 1'],
  ['heading-2', 'Heading, level 2'],
  ['heading-3', 'Heading, level 3'],
  ['heading-4', 'Heading, level 4'],
  ['heading-5', 'Heading, level 5'],
  ['paragraph', 'Paragraph'],
  ['block-quotation', 'Block quotation'],
  ['list-item', 'Item of a list'],
  ['sources-label', 'Label of the list of sources'],
  ['entry', 'Entry'],
  ['appendix-label', 'Label of an appendix'],
  ['appendix-title', 'Title of an appendix'],
]
const OPENING = new Set([
  'title',
  'author',
  'instructor',
  'course',
  'class-period',
  'institution',
  'department',
  'assignment',
  'date',
  'subtitle',
  'opening-line',
])

const file = (data: unknown) => new File([JSON.stringify(data)], 'text.json', { type: 'application/json' })

/** From plain text: pasted or from a file, taken apart, looked over, and set as a paper of the brief. */
export function FromTextPage() {
  useTitle('From text')
  const kept = useKeptBrief()
  const [blocks, setBlocks] = useState<Block[]>([])
  const [taken, setTaken] = useState<Taken[]>([])
  const apart = useMutation({
    mutationFn: async (text: Block[]) => {
      if (text.length === 0) {
        throw new Error('There are no words in it. Paste some, or choose another file.')
      }
      return sendFile<Understood>('/api/loose-text', file({ blocks: text }), {})
    },
    onSuccess: (understood, text) => {
      setBlocks(text)
      setTaken(understood.taken)
    },
  })
  const clear = () => {
    setBlocks([])
    setTaken([])
    apart.reset()
  }
  return (
    <main className="mx-auto w-full max-w-[1080px] p-8 max-sm:p-4">
      <h1 className="text-3xl">From text</h1>
      <p className="mt-1 mb-5 max-w-[44rem] text-soft">
        Bare text becomes a paper in the form of your{' '}
        <Link to="/brief" className="pencil-link">
          brief
        </Link>
        . No word of it is changed, and what each paragraph is you say last.
      </p>
      {apart.error && (
        <div className="mb-4">
          <Notice message={apart.error.message} onClose={() => apart.reset()} />
        </div>
      )}
      {taken.length === 0 || !kept.data ? (
        <Source busy={apart.isPending} onBlocks={(text) => apart.mutate(text)} />
      ) : (
        <LookOver
          brief={kept.data}
          understood={apart.data}
          blocks={blocks}
          taken={taken}
          onTaken={setTaken}
          onBack={clear}
        />
      )}
    </main>
  )
}

function Source({ busy, onBlocks }: { busy: boolean; onBlocks: (blocks: Block[]) => void }) {
  const [text, setText] = useState('')
  const [problem, setProblem] = useState('')
  const paste = (event: ClipboardEvent) => {
    const html = event.clipboardData.getData('text/html')
    if (html !== '' && text.trim() === '') {
      event.preventDefault()
      onBlocks(blocksOfHtml(html))
    }
  }
  const choose = ({ target }: ChangeEvent<HTMLInputElement>) => {
    const chosen = target.files?.[0]
    target.value = ''
    if (!chosen) {
      return
    }
    setProblem('')
    void chosen.text().then((read) => {
      if (read.includes('\u0000')) {
        setProblem(`${chosen.name} is no text. Save it as .txt, .md or .html, or bring a .docx as a paper.`)
        return
      }
      const name = chosen.name.toLowerCase()
      onBlocks(
        /\.(md|markdown)$/.test(name)
          ? blocksOfMarkdown(read)
          : /\.html?$/.test(name)
            ? blocksOfHtml(read)
            : blocksOfText(read),
      )
    })
  }
  return (
    <div className="flex flex-col gap-4">
      {problem && <Notice message={problem} onClose={() => setProblem('')} />}
      <label className="flex flex-col gap-1">
        Paste or type the text
        <textarea
          className="textarea min-h-72 w-full border-soft bg-base-100 text-base"
          value={text}
          onPaste={paste}
          onChange={(event) => setText(event.target.value)}
        />
        <span className="text-sm text-soft">
          Text pasted from a page keeps its headings, lists and italics; its other looks go.
        </span>
      </label>
      <div className="flex flex-wrap gap-3">
        <button
          type="button"
          className="btn btn-primary"
          disabled={busy || text.trim() === ''}
          onClick={() => onBlocks(blocksOfText(text))}
        >
          {busy ? 'Taking it apart…' : 'Take it apart'}
        </button>
        <label className="btn btn-quiet cursor-pointer focus-within:outline-2 focus-within:outline-primary">
          Choose a file: .txt, .md, .html
          <input
            type="file"
            accept=".txt,.md,.markdown,.html,.htm,text/plain,text/markdown,text/html"
            className="sr-only"
            onChange={choose}
          />
        </label>
      </div>
    </div>
  )
}

const valueOf = ({ kind, level }: Taken) => (kind === 'heading' ? `heading-${level}` : kind)

function LookOver({
  brief,
  understood,
  blocks,
  taken,
  onTaken,
  onBack,
}: {
  brief: Brief
  understood: Understood | undefined
  blocks: Block[]
  taken: Taken[]
  onTaken: (taken: Taken[]) => void
  onBack: () => void
}) {
  const guides = useGuides()
  const navigate = useNavigate()
  const client = useQueryClient()
  const whole = useMemo(() => completed(brief, understood), [brief, understood])
  const setting = useMutation({
    mutationFn: async () => {
      const wanted = { brief: whole, text: { blocks, taken }, fileName: fileNameOf(whole) }
      const work = await finish(await sendFile<Work>('/api/papers/set', file(wanted), {}), () => undefined)
      if (!work.paper) {
        throw new Error('The paper was not kept. Try again.')
      }
      return work.paper
    },
    onSuccess: async (id) => {
      await client.invalidateQueries({ queryKey: ['papers'] })
      void navigate(`/papers/${id}`)
    },
  })
  const say = (index: number, value: string) => {
    const level = /^heading-(\d)$/.exec(value)?.[1]
    onTaken(
      taken.map((each, at) =>
        at === index ? (level ? { kind: 'heading', level: Number(level) } : { kind: value, level: 0 }) : each,
      ),
    )
  }
  const guide = guides.data?.find(({ id }) => id === brief.guide)?.name ?? brief.guide
  return (
    <div className="flex flex-col gap-4">
      <div className="flex flex-wrap items-center gap-3 border-y border-base-content py-2">
        <p className="min-w-0 flex-1">
          {blocks.length} {blocks.length === 1 ? 'paragraph' : 'paragraphs'}, to be set by {guide}
          {brief.house && ` with ${brief.house.name}`}. Lines that name the paper go to its facts.
        </p>
        <button type="button" className="btn btn-quiet" onClick={onBack}>
          Another text
        </button>
        <button
          type="button"
          className="btn btn-primary"
          disabled={setting.isPending}
          onClick={() => setting.mutate()}
        >
          {setting.isPending ? 'Setting it…' : 'Set it as a paper'}
        </button>
      </div>
      {setting.error && <Notice message={setting.error.message} onAgain={() => setting.mutate()} />}
      <ol>
        {blocks.map((block, index) => {
          const each = taken[index] ?? { kind: 'paragraph', level: 0 }
          const value = valueOf(each)
          const known = KINDS.some(([id]) => id === value)
          const words = wordsOf(block)
          return (
            <li
              key={index}
              className="grid grid-cols-[13rem_1fr] items-baseline gap-4 border-b border-rule py-1.5 [contain-intrinsic-size:auto_40px] [content-visibility:auto] max-sm:grid-cols-1 max-sm:gap-1"
            >
              <select
                className="select select-sm"
                aria-label={`Paragraph ${index + 1} is`}
                value={known ? value : 'paragraph'}
                onChange={(event) => say(index, event.target.value)}
              >
                {KINDS.map(([id, name]) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </select>
              <span
                dir="auto"
                className={`line-clamp-2 [overflow-wrap:anywhere] ${OPENING.has(value) ? 'text-soft' : ''} ${value.startsWith('heading') ? 'font-bold' : ''}`}
              >
                {words}
              </span>
            </li>
          )
        })}
      </ol>
    </div>
  )
}

/** The brief, and what the text says of the paper where the brief says nothing. */
function completed(brief: Brief, understood: Understood | undefined): Brief {
  return {
    ...brief,
    more: { ...understood?.more, ...brief.more },
    authors: brief.authors.length > 0 ? brief.authors : (understood?.authors ?? []),
  }
}
