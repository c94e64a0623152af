import { useMemo, useRef, useState } from 'react'
import { changeSettings, useSettings } from '../ui/settings'
import { type Filter, isOpen, stands } from './choice'
import { Compare } from './compare/Compare'
import { ConsentDialog } from './ConsentDialog'
import { Desk } from './Desk'
import { DeskNotes } from './DeskNotes'
import { FindBar } from './FindBar'
import { GoToPage } from './GoToPage'
import { HandInDialog } from './HandInDialog'
import { KeysDialog } from './KeysDialog'
import { OrderOfWork } from './OrderOfWork'
import { PageRun } from './PageRun'
import { PartsDesk } from './parts/PartsDesk'
import { ProofFooter } from './ProofFooter'
import { ProofHeader } from './ProofHeader'
import { Questions, questionsOf } from './Questions'
import { useChoice } from './useChoice'
import { useCommands } from './useCommands'
import { useFind } from './useFind'
import { useKeys } from './useKeys'
import { type Layout, type Paper, type Station, type Stroke, useStrokes } from './useProof'
import { nextZoom } from './zoom'

const NO_STROKES: ReadonlyMap<number, Stroke[]> = new Map()

/** What the desk shows: the marks of a station, two proofs, or what each paragraph was taken for. */
type View = 'marks' | 'compare' | 'parts'

type Overlay = 'keys' | 'page' | 'hand-in' | 'questions'

/** The corrector's desk: the order of work on the left, the pages in the middle, the run of pages on the right. */
export function ProofDesk({
  paper,
  layout,
  stations,
}: {
  paper: Paper
  layout: Layout
  stations: Station[]
}) {
  const { units, zoom, singleKeys } = useSettings()
  const choice = useChoice(layout, stations)
  const strokes = useStrokes(paper.id, choice.station, paper.revision)
  const commands = useCommands(paper, stations, choice.say)
  const find = useFind(layout.pages, choice.goTo)
  const [filter, setFilter] = useState<Filter>('all')
  const [lit, setLit] = useState<string | null>(null)
  const [letting, setLetting] = useState<string | null>(null)
  const [page, setPage] = useState(1)
  const [view, setView] = useState<View>('marks')
  const comparing = view === 'compare'
  const [overlay, setOverlay] = useState<Overlay | null>(null)
  const scroller = useRef<HTMLDivElement>(null)
  const findings = useMemo(() => stations.flatMap((each) => each.readings.filter(isOpen)), [stations])
  const close = () => setOverlay(null)

  const letStand = () => {
    const { reading } = choice
    if (reading && stands(reading)) {
      commands.lift(reading)
    } else if (reading?.off) {
      setLetting(reading.key)
    }
  }
  const stationKeys = Object.fromEntries(
    stations.slice(0, 9).map((each, index) => [String(index + 1), () => choice.chooseStation(each.id)]),
  )
  const always = {
    b: () => setView(comparing ? 'marks' : 'compare'),
    t: () => setView(view === 'parts' ? 'marks' : 'parts'),
    h: () => setOverlay('hand-in'),
    '?': () => setOverlay('keys'),
  }
  // While proofs are compared or parts looked at there is no reading in sight that a key could act on.
  const atTheDesk = {
    ...stationKeys,
    j: () => choice.move(1),
    k: () => choice.move(-1),
    n: () => choice.reading && choice.nextPlace(choice.reading),
    p: () => choice.reading && commands.putReadingRight(choice.reading, choice.place),
    s: letStand,
    a: commands.putAllRight,
    u: commands.undo,
    r: commands.redo,
    g: () => setOverlay('page'),
    q: () => setOverlay('questions'),
    z: () => changeSettings({ zoom: nextZoom(zoom) }),
    '/': find.start,
  }
  useKeys(view === 'marks' ? { ...atTheDesk, ...always } : always, singleKeys)

  return (
    <div className="flex h-full flex-col max-md:h-auto">
      <ProofHeader
        paper={paper}
        safe={commands.mendable.length}
        busy={commands.busy}
        comparing={comparing}
        onCompare={() => setView(comparing ? 'marks' : 'compare')}
        telling={view === 'parts'}
        questions={questionsOf(stations).length}
        onQuestions={() => setOverlay('questions')}
        onParts={() => setView(view === 'parts' ? 'marks' : 'parts')}
        onUndo={commands.undo}
        onRedo={commands.redo}
        onHandIn={() => setOverlay('hand-in')}
        onPutAllRight={commands.putAllRight}
      />
      {comparing ? (
        <main className="flex min-h-0 flex-1 flex-col">
          <Compare paper={paper} onClose={() => setView('marks')} />
        </main>
      ) : view === 'parts' ? (
        <PartsDesk
          paper={paper}
          layout={layout}
          zoom={zoom}
          busy={commands.busy}
          problem={commands.problem}
          onSay={commands.correct}
          onClose={() => setView('marks')}
        />
      ) : (
        <main className="grid min-h-0 flex-1 grid-cols-[392px_minmax(0,1fr)_58px] max-lg:grid-cols-[340px_minmax(0,1fr)] max-md:grid-cols-1">
          <OrderOfWork
            stations={stations}
            chosen={choice.station}
            filter={filter}
            putRight={paper.putRight}
            reading={choice.key}
            units={units}
            busy={commands.busy}
            lit={lit}
            letting={letting}
            onStation={choice.chooseStation}
            onFilter={setFilter}
            onHandIn={() => setOverlay('hand-in')}
            onLit={setLit}
            onReading={choice.chooseReading}
            onPutRight={(reading) => commands.putReadingRight(reading, choice.place)}
            onPutPlaceRight={(reading) => commands.putPlaceRight(reading, choice.place)}
            onPutStationRight={commands.putStationRight}
            onNextPlace={choice.nextPlace}
            onLetting={setLetting}
            onStet={(reading, reason) => {
              setLetting(null)
              commands.stet(reading, reason)
            }}
            onLift={commands.lift}
          />
          <div className="flex min-h-0 min-w-0 flex-col max-md:h-[90vh]">
            {find.open && (
              <FindBar
                words={find.words}
                count={find.hits.length}
                current={find.current}
                onWords={find.look}
                onMove={find.move}
                onClose={find.close}
              />
            )}
            <DeskNotes
              problem={overlay === 'hand-in' ? null : commands.problem}
              work={commands.work}
              outcome={commands.outcome}
              layout={layout}
              onUndo={commands.undo}
              onCloseOutcome={commands.closeOutcome}
            />
            {/* The desk scrolls by itself, so it must be reachable by the keyboard too. */}
            <div
              ref={scroller}
              role="region"
              aria-label="Pages of the proof"
              tabIndex={0}
              className="relative min-h-0 flex-1 overflow-auto bg-base-300"
            >
              <Desk
                layout={layout}
                paper={paper.id}
                readings={choice.readings}
                strokes={strokes.data ?? NO_STROKES}
                units={units}
                zoom={zoom}
                chosenMark={choice.key && `${choice.key}#${choice.place}`}
                lit={lit ?? choice.key}
                hits={find.hits}
                hit={find.hits[find.current]}
                onMark={(mark) => choice.chooseMark(mark.reading, mark.place)}
                onLit={setLit}
                onPage={setPage}
                scroller={scroller}
                target={choice.target}
              />
            </div>
          </div>
          <div className="contents max-lg:hidden">
            <PageRun layout={layout} findings={findings} current={page} onPage={choice.goTo} />
          </div>
        </main>
      )}
      <ProofFooter
        paper={paper}
        busy={commands.busy}
        onBringAgain={commands.bringAgain}
        onKeys={() => setOverlay('keys')}
      />
      <p role="status" className="sr-only">
        {choice.said}
      </p>
      {commands.consent && (
        <ConsentDialog
          readings={commands.consent.readings}
          place={commands.consent.place}
          looksToo={commands.consent.looksToo}
          onConfirm={commands.confirm}
          onLooksOnly={commands.looksOnly}
          onClose={commands.leave}
        />
      )}
      {overlay === 'keys' && <KeysDialog onClose={close} />}
      {overlay === 'hand-in' && (
        <HandInDialog
          layout={layout}
          open={findings.length}
          busy={commands.busy}
          problem={commands.problem}
          onHandIn={(kind) => commands.handIn(kind, close)}
          onClose={close}
        />
      )}
      {overlay === 'questions' && (
        <Questions
          stations={stations}
          busy={commands.busy}
          problem={commands.problem}
          onShow={({ reading, place }) => {
            close()
            setView('marks')
            choice.showPlace(reading, place)
          }}
          onPutRight={({ reading, place }) => commands.answer(reading, place)}
          onStet={commands.stet}
          onClose={close}
        />
      )}
      {overlay === 'page' && (
        <GoToPage
          pages={layout.pages.length}
          onGo={(to) => {
            close()
            choice.goTo(to)
          }}
          onClose={close}
        />
      )}
    </div>
  )
}
