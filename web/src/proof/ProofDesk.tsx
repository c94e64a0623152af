import { useCallback, useMemo, useRef, useState } from 'react'
import { Notice } from '../ui/Notice'
import { useSettings } from '../ui/settings'
import { ConsentDialog } from './ConsentDialog'
import { Desk } from './Desk'
import { GoToPage } from './GoToPage'
import { KeysDialog } from './KeysDialog'
import type { Mark } from './marks'
import { OrderOfWork } from './OrderOfWork'
import { PageRun } from './PageRun'
import { ProofFooter } from './ProofFooter'
import { ProofHeader } from './ProofHeader'
import { useKeys } from './useKeys'
import { type Layout, type Paper, type Reading, type Station, useSteps, type Wish } from './useProof'

interface Target {
  page: number
  y: number
  turn: number
}

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
  const { units, singleKeys } = useSettings()
  const firstOpen = stations.find((station) => station.open > 0) ?? stations[0]
  const [station, setStation] = useState(firstOpen?.id ?? 'sheet')
  const [readingKey, setReadingKey] = useState<string | null>(
    firstOpen?.readings.find((each) => each.off)?.key ?? null,
  )
  const [place, setPlace] = useState(0)
  const [page, setPage] = useState(1)
  const [target, setTarget] = useState<Target | null>(null)
  const [consent, setConsent] = useState<{ readings: Reading[]; wish: Wish; looksToo: boolean } | null>(null)
  const [overlay, setOverlay] = useState<'keys' | 'page' | null>(null)
  const [said, setSaid] = useState('')
  const scroller = useRef<HTMLDivElement>(null)
  const steps = useSteps(paper.id, setSaid)

  const readings = useMemo(() => stations.flatMap((each) => each.readings), [stations])
  const inStation = stations.find((each) => each.id === station)?.readings ?? []
  const chosen = inStation.find((each) => each.key === readingKey)
  const findings = readings.filter((each) => each.off)
  const mendable = findings.filter((each) => each.mendable)
  const busy = steps.putRight.isPending || steps.undo.isPending || steps.redo.isPending
  const problem = steps.putRight.error ?? steps.undo.error ?? steps.redo.error ?? steps.handBack.error

  const goTo = useCallback((to: number, y = 0) => {
    setTarget((before) => ({ page: to, y, turn: (before?.turn ?? 0) + 1 }))
  }, [])

  const show = (reading: Reading, index: number) => {
    const at = reading.places[index]
    if (at) {
      setPlace(index)
      const line = layout.pages[at.page - 1]?.lines.find(
        (each) => each.part === at.part && each.paragraph === at.paragraph,
      )
      goTo(at.page, line?.top ?? 0)
      setSaid(`${reading.name}, page ${at.page}${at.quote ? `: ${at.quote}` : ''}`)
    }
  }
  const choose = (reading: Reading, index = 0) => {
    setStation(reading.rule.split('.')[0] ?? station)
    setReadingKey(reading.key)
    show(reading, index)
  }
  const chooseStation = (id: string) => {
    setStation(id)
    const first = stations.find((each) => each.id === id)?.readings.find((each) => each.off)
    setReadingKey(first?.key ?? null)
    setPlace(0)
    if (first) {
      show(first, 0)
    }
  }

  const putRight = (wish: Wish) => {
    setConsent(null)
    steps.putRight.mutate(wish, {
      onSuccess: (done) =>
        setSaid(
          done.length > 0
            ? `Put right: ${done.length === 1 ? done[0] : `${done.length} readings`}`
            : 'There was nothing to put right',
        ),
    })
  }
  const ask = (wanted: Reading[], wish: Wish) => {
    const words = wanted.filter((each) => each.fix === 'apparatus')
    if (words.length > 0) {
      setConsent({ readings: words, wish, looksToo: words.length < wanted.length })
    } else {
      putRight(wish)
    }
  }
  const putAllRight = () => {
    if (mendable.length > 0 && !busy) {
      ask(mendable, { wordsConfirmed: false })
    }
  }
  const move = (by: 1 | -1) => {
    const places = findings.flatMap((each) => each.places.map((_, index) => ({ reading: each, index })))
    const at = places.findIndex((each) => each.reading.key === readingKey && each.index === place)
    const next = places[(at + by + places.length) % places.length]
    if (next) {
      choose(next.reading, next.index)
    }
  }

  const undo = () => {
    if (paper.undo && !busy) {
      steps.undo.mutate(undefined, { onSuccess: () => setSaid(`Taken back: ${paper.undo}`) })
    }
  }
  const redo = () => {
    if (paper.redo && !busy) {
      steps.redo.mutate(undefined, { onSuccess: () => setSaid(`Brought back: ${paper.redo}`) })
    }
  }
  const stationKeys = Object.fromEntries(
    stations.slice(0, 9).map((each, index) => [String(index + 1), () => chooseStation(each.id)]),
  )
  useKeys(
    {
      ...stationKeys,
      j: () => move(1),
      k: () => move(-1),
      p: () => {
        if (chosen?.mendable && !busy) {
          ask([chosen], { reading: chosen.key, wordsConfirmed: false })
        }
      },
      a: putAllRight,
      u: undo,
      r: redo,
      g: () => setOverlay('page'),
      '?': () => setOverlay('keys'),
    },
    singleKeys,
  )

  return (
    <div className="flex h-full flex-col max-md:h-auto">
      <ProofHeader
        paper={paper}
        safe={mendable.length}
        busy={busy}
        onUndo={undo}
        onRedo={redo}
        onHandBack={() => steps.handBack.mutate()}
        onPutAllRight={putAllRight}
      />
      <main className="grid min-h-0 flex-1 grid-cols-[392px_minmax(0,1fr)_58px] max-lg:grid-cols-[340px_minmax(0,1fr)] max-md:grid-cols-1">
        <OrderOfWork
          stations={stations}
          chosen={station}
          reading={readingKey}
          units={units}
          busy={busy}
          onStation={chooseStation}
          onReading={(key) => {
            setReadingKey(key)
            const next = inStation.find((each) => each.key === key)
            if (next) {
              show(next, 0)
            }
          }}
          onPutRight={(reading) => ask([reading], { reading: reading.key, wordsConfirmed: false })}
          onNextPlace={(reading) =>
            show(reading, reading.key === readingKey ? (place + 1) % reading.places.length : 0)
          }
          onPutStationRight={(of) =>
            ask(
              of.readings.filter((each) => each.mendable),
              { station: of.id, wordsConfirmed: false },
            )
          }
        />
        {/* The desk scrolls by itself, so it must be reachable by the keyboard too. */}
        <div
          ref={scroller}
          role="region"
          aria-label="Pages of the proof"
          tabIndex={0}
          className="relative overflow-y-auto bg-base-300 max-md:h-[90vh]"
        >
          {problem && (
            <div className="sticky top-2 z-10 mx-auto max-w-xl p-2">
              <Notice message={problem.message} />
            </div>
          )}
          {layout.approximate.length > 0 && (
            <p className="mx-auto max-w-[720px] px-4 pt-3 text-sm text-soft">
              {layout.approximate.join(', ')}: drawn in the nearest face there is, so line and page ends are
              approximate.
            </p>
          )}
          <Desk
            layout={layout}
            paper={paper.id}
            station={station}
            readings={inStation}
            shown={chosen ? [chosen] : inStation}
            units={units}
            chosenMark={readingKey ? `${readingKey}#${place}` : null}
            onMark={(mark: Mark) => {
              setReadingKey(mark.reading)
              setPlace(mark.place)
            }}
            onPage={setPage}
            scroller={scroller}
            target={target}
          />
        </div>
        <div className="contents max-lg:hidden">
          <PageRun layout={layout} findings={findings} current={page} onPage={goTo} />
        </div>
      </main>
      <ProofFooter paper={paper} onKeys={() => setOverlay('keys')} />
      <p role="status" className="sr-only">
        {said}
      </p>
      {consent && (
        <ConsentDialog
          readings={consent.readings}
          looksToo={consent.looksToo}
          onConfirm={() => putRight({ ...consent.wish, wordsConfirmed: true })}
          onLooksOnly={() => putRight(consent.wish)}
          onClose={() => setConsent(null)}
        />
      )}
      {overlay === 'keys' && <KeysDialog onClose={() => setOverlay(null)} />}
      {overlay === 'page' && (
        <GoToPage
          pages={layout.pages.length}
          onGo={(to) => {
            setOverlay(null)
            goTo(to)
          }}
          onClose={() => setOverlay(null)}
        />
      )}
    </div>
  )
}
