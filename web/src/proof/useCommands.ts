import { useRef, useState } from 'react'
import type { Work } from '../api/work'
import { useSettings } from '../ui/settings'
import { saidOf } from '../ui/Underway'
import { isSafe, putRightText } from './choice'
import type { Said } from './parts/PartsPanel'
import {
  type Change,
  type Facts,
  type Kind,
  type Outcome,
  type Paper,
  type Place,
  type Reading,
  type Station,
  useSteps,
  type Wish,
} from './useProof'

/** The words a put-right would change, and the wish that waits for the writer's consent. */
interface Consent {
  words: Change[]
  wish: Wish
  looksToo: boolean
  /** The one reading and place it is about, where it is about one. */
  one?: { reading: Reading; place: Place }
}

/** What a writer can have done to the paper; words change only after consent. */
export function useCommands(paper: Paper, stations: Station[], say: (words: string) => void) {
  const { units } = useSettings()
  const [work, setWork] = useState<Work | null>(null)
  // The buttons know of a command under way only once they are drawn again.
  const running = useRef(false)
  const steps = useSteps(
    paper,
    (current) => {
      setWork(current)
      say(saidOf(current))
    },
    () => {
      running.current = false
    },
  )
  const [consent, setConsent] = useState<Consent | null>(null)
  const [outcome, setOutcome] = useState<Outcome | null>(null)
  const all = Object.values(steps)
  const busy = all.some((each) => each.isPending)
  const mendable = stations.flatMap((each) => each.readings.filter(isSafe))

  const reset = () => {
    all.forEach((each) => each.reset())
    setOutcome(null)
    setWork(null)
  }
  /** Runs a command unless one is under way; what the last one said is over. */
  const start = (command: () => void) => {
    if (!running.current) {
      running.current = true
      reset()
      command()
    }
  }
  const putRight = (wish: Wish) => {
    setConsent(null)
    start(() =>
      steps.putRight.mutate(wish, {
        onSuccess: (done) => {
          setOutcome(done)
          say(
            done.done.length === 0
              ? 'There was nothing to put right'
              : `Put right: ${done.done.map((each) => putRightText(each, units)).join(', ')}`,
          )
        },
      }),
    )
  }
  /** Shows the words that would change, every place once, before any of them does. */
  const askFirst = (wish: Wish, asked: Omit<Consent, 'words' | 'wish'>) =>
    start(() => steps.words.mutate(wish, { onSuccess: (words) => setConsent({ words, wish, ...asked }) }))
  const ask = (wanted: Reading[], wish: Wish) => {
    const words = wanted.filter((each) => each.fix === 'apparatus')
    if (words.length > 0) {
      askFirst(wish, { looksToo: words.length < wanted.length })
    } else if (wanted.length > 0) {
      putRight(wish)
    }
  }
  /** One place by itself; where its words change, or only the writer can say, it is asked about first. */
  const putPlaceRight = (reading: Reading, index: number) => {
    const place = reading.places[index] ?? reading.places[0]
    if (!place || !reading.mendable || place.fix === 'none') {
      return
    }
    const wish = { reading: reading.key, places: [place.anchor], wordsConfirmed: false }
    if (place.fix === 'looks') {
      putRight(wish)
    } else {
      askFirst(wish, { looksToo: false, one: { reading, place } })
    }
  }

  return {
    busy,
    /** The work under way that can be stopped, where a command takes longer. */
    work: busy ? work : null,
    consent,
    outcome,
    problem: all.find((each) => each.error)?.error ?? null,
    confirm: () => {
      if (consent) {
        putRight({ ...consent.wish, wordsConfirmed: true })
      }
    },
    looksOnly: () => {
      if (consent) {
        putRight(consent.wish)
      }
    },
    leave: () => setConsent(null),
    closeOutcome: () => setOutcome(null),
    /** Puts away what the last command said, its file and its trouble. */
    reset,
    putPlaceRight,
    /** A reading at all its places; one that only the writer can judge, at the place at hand. */
    putReadingRight: (reading: Reading, place: number) => {
      if (isSafe(reading)) {
        ask([reading], { reading: reading.key, wordsConfirmed: false })
      } else {
        putPlaceRight(reading, place)
      }
    },
    /** One place that the writer was asked about, and said yes. */
    answer: (reading: Reading, place: Place) =>
      putRight({ reading: reading.key, places: [place.anchor], wordsConfirmed: true }),
    putStationRight: (of: Station) =>
      ask(of.readings.filter(isSafe), { station: of.id, wordsConfirmed: false }),
    putAllRight: () => ask(mendable, { wordsConfirmed: false }),
    stet: (reading: Reading, reason: string) =>
      start(() =>
        steps.stet.mutate(
          { reading: reading.key, reason },
          { onSuccess: () => say(`${reading.name} stands: ${reason}`) },
        ),
      ),
    lift: (reading: Reading) =>
      start(() => steps.lift.mutate(reading.key, { onSuccess: () => say(`${reading.name} is open again`) })),
    correct: (said: Said) =>
      start(() => steps.correct.mutate(said, { onSuccess: () => say('Taken for what you say') })),
    changeFacts: (facts: Facts, onDone: () => void) =>
      start(() =>
        steps.changeFacts.mutate(facts, {
          onSuccess: () => {
            say('Measured by the new facts')
            onDone()
          },
        }),
      ),
    bringAgain: (file: File) =>
      start(() => steps.bringAgain.mutate(file, { onSuccess: () => say('The newer file is here') })),
    undo: () => {
      if (paper.undo) {
        start(() => steps.undo.mutate(undefined, { onSuccess: () => say(`Taken back: ${paper.undo}`) }))
      }
    },
    redo: () => {
      if (paper.redo) {
        start(() => steps.redo.mutate(undefined, { onSuccess: () => say(`Brought back: ${paper.redo}`) }))
      }
    },
    /** The file that was handed in last. */
    handedIn: steps.handIn.data ?? null,
    handIn: (kind: Kind) => start(() => steps.handIn.mutate(kind)),
  }
}
