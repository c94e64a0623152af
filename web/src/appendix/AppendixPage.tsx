import { useMemo, useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import { SheetPage } from '../proof/page/SheetPage'
import { usePaper } from '../proof/useProof'
import { useSize } from '../proof/useSize'
import type { Whose } from '../table/useTable'
import { ForGuide, ForPaper, type Made, MakerHead } from '../table/Whose'
import { KeepFile } from '../ui/KeepFile'
import { Notice } from '../ui/Notice'
import { QUESTIONS, Samples } from '../samples/Samples'
import { type Pasted, PasteBox } from '../ui/PasteBox'
import { useTitle } from '../ui/useTitle'
import { counted, type Line, materialsOf, type Said, shownBy, withMaterial } from './lines'
import { LineList } from './LineList'
import { Materials } from './Materials'
import { Order } from './Order'
import {
  type Appendix,
  saveAppendix,
  useAppendixOrder,
  useAppendixPages,
  useBringingAppendix,
  useTakingApart,
} from './useAppendix'

/** An appendix made for a paper. */
export const PaperAppendixPage = () => <ForPaper>{(made) => <Making {...made} />}</ForPaper>

/** An appendix made by itself. */
export const FreeAppendixPage = () => <ForGuide>{(made) => <Making {...made} />}</ForGuide>

function Making({ whose, paper, about }: Made) {
  useTitle('Appendix')
  const apart = useTakingApart()
  const [lines, setLines] = useState<Line[]>([])
  const [said, setSaid] = useState<Said>(new Map())
  const [chosen, setChosen] = useState<number[]>([])
  const { kept, out, parts } = counted(lines)
  const materials = materialsOf(said, lines)
  const mentioned = useAppendixOrder(paper, { lines, materials, order: [] }, parts).data?.appendices
  const proposed = parts > 1 && mentioned?.length === parts ? mentioned.map(({ index }) => index) : []
  // An order that was chosen holds until there are more appendices or fewer.
  const order = chosen.length === parts ? chosen : proposed
  const appendix = { lines, materials, order }
  const shown = useAppendixPages(whose, appendix)
  const pictures = useMemo(() => shownBy(lines), [lines])
  const clear = () => {
    setLines([])
    setSaid(new Map())
    setChosen([])
    apart.reset()
  }
  const read = (source: File | Pasted) => apart.mutate(source, { onSuccess: setLines })
  return (
    <main className="mx-auto w-full max-w-[1400px] p-6 max-sm:p-4">
      <MakerHead
        name="Appendix"
        about={about}
        again="Another text"
        onAgain={lines.length > 0 ? clear : null}
      />
      {apart.error && (
        <div className="mb-4">
          <Notice message={apart.error.message} onClose={() => apart.reset()} />
        </div>
      )}
      {lines.length === 0 ? (
        <>
          <PasteBox
            label="Paste or type the questionnaire"
            hint="As a survey tool exports it, or any other text. What the tool wrote for itself is found and taken out, line by line where you can see it; instructions stay word for word."
            placeholder={'Q1 The fog bell wakes me at night.\n○ Never (1)\n○ Always (2)'}
            files=".docx, .html, .txt, .csv"
            accept=".docx,.html,.htm,.txt,.csv,.xlsx,text/html,text/plain,text/csv"
            action="Take it apart"
            busy={apart.isPending ? 'Taking it apart…' : ''}
            takes={({ text }) => text.trim().includes('\n')}
            onRead={read}
          />
          <Samples samples={QUESTIONS} onFile={read} />
        </>
      ) : (
        <div className="grid grid-cols-2 gap-8 max-lg:grid-cols-1">
          <section aria-label="Lines" className="flex min-w-0 flex-col gap-3">
            <p className="text-soft" role="status">
              {kept} {kept === 1 ? 'line' : 'lines'} kept, {out} taken out
              {parts > 1 && `; ${parts} appendices`}.
            </p>
            {lines.some(({ role, words }) => role !== 'out' && words.startsWith('[Picture')) && (
              <p className="border-l-3 border-warning bg-base-200 px-3 py-2 text-[15px]">
                Some pictures could not come along: a line stands where each was. Put them there in your file
                afterwards.
              </p>
            )}
            <Materials
              parts={(shown.data?.materials ?? []).map((each) => ({
                ...each,
                said: materials.find(({ part }) => part === each.part),
              }))}
              onMaterial={(part, material) => setSaid(withMaterial(said, lines, part, material))}
            />
            <LineList lines={lines} onLines={setLines} />
          </section>
          <section aria-label="The appendix as it will be set" className="min-w-0">
            {mentioned && order.length > 1 && (
              <Order mentioned={mentioned} order={order} onOrder={setChosen} />
            )}
            <Pages shown={shown} pictures={pictures} />
            <Outlets whose={whose} paper={paper} appendix={appendix} parts={parts} />
          </section>
        </div>
      )}
    </main>
  )
}

function Pages({
  shown,
  pictures,
}: {
  shown: ReturnType<typeof useAppendixPages>
  pictures: ReadonlyMap<string, string>
}) {
  const box = useRef<HTMLDivElement>(null)
  const { width } = useSize(box)
  return (
    // What scrolls is reached by keyboard too.
    <div
      ref={box}
      role="region"
      aria-label="Pages"

      tabIndex={0}
      className="max-h-[34rem] overflow-auto"
    >
      {shown.error && <Notice message={shown.error.message} onAgain={() => void shown.refetch()} />}
      <div className="flex flex-col gap-4 p-2">
        {shown.data?.layout.pages.map((page) => (
          <SheetPage
            key={page.number}
            page={page}
            pictures={pictures}
            scale={Math.max(0.35, (width - 36) / page.width)}
            name={`Page ${page.number} of the appendix`}
          />
        ))}
      </div>
    </div>
  )
}

function Outlets({
  whose,
  paper,
  appendix,
  parts,
}: {
  whose: Whose
  paper: string | undefined
  appendix: Appendix
  parts: number
}) {
  const shown = usePaper(paper ?? '')
  const navigate = useNavigate()
  const bringing = useBringingAppendix(paper)
  const nothing = parts === 0
  return (
    <div className="mt-3 flex flex-col gap-3 border-t border-base-content pt-3">
      {bringing.error && <Notice message={bringing.error.message} onClose={() => bringing.reset()} />}
      <div className="flex flex-wrap items-center gap-3">
        {paper && (
          <button
            type="button"
            className="btn btn-primary"
            disabled={nothing || bringing.isPending || !shown.data}
            onClick={() =>
              bringing.mutate(
                { revision: shown.data?.revision ?? 0, appendix },
                { onSuccess: () => void navigate(`/papers/${paper}`) },
              )
            }
          >
            {bringing.isPending
              ? 'Bringing it in…'
              : parts > 1
                ? `Bring ${parts} appendices in`
                : 'Bring it into the paper'}
          </button>
        )}
        <KeepFile
          name="appendix.docx"
          primary={!paper}
          disabled={nothing}
          keep={() => saveAppendix(whose, appendix)}
        />
      </div>
    </div>
  )
}
