import { type RefObject, useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { changeSettings, useSettings } from '../ui/settings'
import { useTitle } from '../ui/useTitle'
import { isComing } from './allPages'
import { isOpen, stands } from './choice'
import { Beside } from './Beside'
import { Compare } from './compare/Compare'
import { ConsentDialog } from './ConsentDialog'
import { Desk } from './Desk'
import { DeskNotes, WorkNote } from './DeskNotes'
import { FactsDialog } from './FactsDialog'
import { FindBar } from './FindBar'
import { GoToPage } from './GoToPage'
import { HandInDialog } from './HandInDialog'
import { KeysDialog } from './KeysDialog'
import { Legend } from './Legend'
import { OrderOfWork } from './OrderOfWork'
import { PageRun } from './PageRun'
import { PartsDesk } from './parts/PartsDesk'
import { Print } from './Print'
import { ProofFooter } from './ProofFooter'
import { ProofHeader } from './ProofHeader'
import { Questions, questionsOf } from './Questions'
import type { Filter } from './sections'
import { useChoice } from './useChoice'
import { useCommands } from './useCommands'
import { useFind } from './useFind'
import { useKeys } from './useKeys'
import { type Layout, type Paper, type Station, type Stroke, useInView, useStrokes } from './useProof'
import { useSeen } from './useSeen'
import { WhatNext } from './WhatNext'
import { nextZoom } from './zoom'

const NO_STROKES: ReadonlyMap<number, Stroke[]> = new Map()

/** What the desk shows: the marks of a station, two proofs, or what each paragraph was taken for. */
type View = 'marks' | 'compare' | 'parts' | 'beside'

type Overlay = 'keys' | 'page' | 'facts' | 'hand-in' | 'questions'

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
  const { units, zoom, singleKeys, sorting } = useSettings()
  const choice = useChoice(layout, stations, sorting)
  const strokes = useStrokes(paper.id, choice.station, paper.revision, units)
  const commands = useCommands(paper, stations, choice.say)
  const find = useFind(layout.pages, choice.goTo)
  const seen = useSeen(layout.pages.length, paper.revision)
  const { look } = seen
  const note = useInView(paper.id)
  const onSight = useCallback(
    (page: number) => {
      look(page)
      note(page)
    },
    [look, note],
  )
  const [filter, setFilter] = useState<Filter>('all')
  const [lit, setLit] = useState<string | null>(null)
  const [letting, setLetting] = useState<string | null>(null)
  const [view, setView] = useState<View>('marks')
  const comparing = view === 'compare'
  const [overlay, setOverlay] = useState<Overlay | null>(null)
  const scroller = useRef<HTMLDivElement>(null)
  const findings = useMemo(() => stations.flatMap((each) => each.readings.filter(isOpen)), [stations])
  useTitle(paper.title, paper.guide)
  useFocusKept(stations, choice.key, scroller)
  const open = (what: Overlay) => {
    commands.reset()
    setOverlay(what)
  }
  const close = () => {
    commands.reset()
    setOverlay(null)
  }

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
    m: () => setView(view === 'beside' ? 'marks' : 'beside'),
    h: () => open('hand-in'),
    '?': () => open('keys'),
  }
  // While proofs are compared or parts looked at there is no reading in sight that a key could act on.
  const atTheDesk = {
    ...stationKeys,
    ',': () => choice.moveStation(-1),
    '.': () => choice.moveStation(1),
    j: () => choice.move(1),
    k: () => choice.move(-1),
    n: () => choice.reading && choice.nextPlace(choice.reading),
    p: () => choice.reading && commands.putReadingRight(choice.reading, choice.place),
    s: letStand,
    a: commands.putAllRight,
    u: commands.undo,
    r: commands.redo,
    g: () => open('page'),
    q: () => open('questions'),
    z: () => changeSettings({ zoom: nextZoom(zoom) }),
    '/': find.start,
  }
  useKeys(view === 'marks' ? { ...atTheDesk, ...always } : always, singleKeys, commands)

  return (
    <div className="flex h-full flex-col max-md:h-auto">
      <ProofHeader
        paper={paper}
        busy={commands.busy}
        comparing={comparing}
        onCompare={always.b}
        telling={view === 'parts'}
        onParts={always.t}
        beside={view === 'beside'}
        onBeside={always.m}
        onUndo={commands.undo}
        onRedo={commands.redo}
        onFacts={() => open('facts')}
        onHandIn={always.h}
      />
      {comparing ? (
        <main className="flex min-h-0 flex-1 flex-col">
          <Compare paper={paper} onClose={() => setView('marks')} />
        </main>
      ) : view === 'beside' ? (
        <Beside paper={paper} layout={layout} onClose={() => setView('marks')} />
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
            busy={commands.busy}
            lit={lit}
            letting={letting}
            onStation={choice.chooseStation}
            onFilter={setFilter}
            next={
              <WhatNext
                stations={stations}
                questions={questionsOf(stations).length}
                putRight={paper.putRight.length}
                unseen={seen.unseen.length}
                pages={layout.pages.length}
                busy={commands.busy}
                onPutAllRight={commands.putAllRight}
                onQuestions={() => open('questions')}
                onNextOpen={() => choice.move(1)}
                onLook={() => choice.goTo(seen.unseen[0] ?? 1)}
                onHandIn={always.h}
              />
            }
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
          <div className="relative flex min-h-0 min-w-0 flex-col max-md:h-[90vh]">
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
            <Legend />
            <DeskNotes
              problem={overlay === null ? commands.problem : null}
              outcome={commands.outcome}
              layout={layout}
              onUndo={commands.undo}
              onClose={commands.reset}
            />
            {/* The desk scrolls by itself, so it must be reachable by the keyboard too. */}
            <div
              ref={scroller}
              role="region"
              aria-label="Pages of the proof"
              aria-busy={strokes.isPending || isComing(layout)}
              tabIndex={0}
              className="relative min-h-0 flex-1 overflow-auto bg-base-300"
            >
              <Desk
                layout={layout}
                paper={paper.id}
                readings={choice.readings}
                strokes={strokes.data ?? NO_STROKES}
                zoom={zoom}
                chosenMark={choice.key && `${choice.key}#${choice.place}`}
                lit={lit ?? choice.key}
                hits={find.hits}
                hit={find.hits[find.current]}
                onMark={(mark) => choice.chooseMark(mark.reading, mark.place)}
                onLit={setLit}
                onPage={onSight}
                scroller={scroller}
                target={choice.target}
              />
            </div>
            {commands.work && <WorkNote work={commands.work} />}
          </div>
          <div className="contents max-lg:hidden">
            <PageRun layout={layout} findings={findings} current={seen.page} onPage={choice.goTo} />
          </div>
        </main>
      )}
      <ProofFooter
        paper={paper}
        busy={commands.busy}
        onBringAgain={commands.bringAgain}
        onKeys={always['?']}
      />
      <Print layout={layout} paper={paper.id} />
      <p role="status" className="sr-only">
        {choice.said}
      </p>
      {commands.consent && (
        <ConsentDialog
          words={commands.consent.words}
          one={commands.consent.one}
          looksToo={commands.consent.looksToo}
          onConfirm={commands.confirm}
          onLooksOnly={commands.looksOnly}
          onClose={commands.leave}
        />
      )}
      {overlay === 'keys' && <KeysDialog onClose={close} />}
      {overlay === 'facts' && (
        <FactsDialog
          paper={paper}
          busy={commands.busy}
          problem={commands.problem}
          onSave={(facts) => commands.changeFacts(facts, close)}
          onClose={close}
        />
      )}
      {overlay === 'hand-in' && (
        <HandInDialog
          layout={layout}
          open={findings.length}
          busy={commands.busy}
          problem={commands.problem}
          done={commands.handedIn}
          onHandIn={commands.handIn}
          onClose={close}
        />
      )}
      {overlay === 'questions' && (
        <Questions
          paper={paper}
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

/** When the readings have changed the focus goes on with the work where the button that had it is gone. */
function useFocusKept(stations: Station[], chosen: string | null, scroller: RefObject<HTMLElement | null>) {
  const last = useRef(stations)
  useEffect(() => {
    if (last.current !== stations) {
      last.current = stations
      if (document.activeElement === null || document.activeElement === document.body) {
        const row = document.querySelector<HTMLElement>(`[data-row="${CSS.escape(chosen ?? '')}"]`)
        ;(row ?? scroller.current)?.focus({ preventScroll: true })
      }
    }
  }, [stations, chosen, scroller])
}
