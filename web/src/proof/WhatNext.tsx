import type { ReactNode } from 'react'
import { stationName } from '../papers/stations'
import { Key } from '../ui/Key'
import { handOf, type Hand } from './sections'
import type { Station } from './useProof'

/** What is left, whose hand it needs, and the one thing to do next. */
export function WhatNext({
  stations,
  questions,
  putRight,
  unseen,
  pages,
  busy,
  onPutAllRight,
  onQuestions,
  onNextOpen,
  onLook,
  onHandIn,
}: {
  stations: Station[]
  /** How many places wait for the writer's answer. */
  questions: number
  /** How many readings were put right since the paper was brought. */
  putRight: number
  /** How many of the pages were not looked at since the paper last changed. */
  unseen: number
  pages: number
  busy: boolean
  onPutAllRight: () => void
  onQuestions: () => void
  onNextOpen: () => void
  onLook: () => void
  onHandIn: () => void
}) {
  const all = stations.flatMap(({ readings }) => readings)
  const count = (hand: Hand) => all.filter((each) => handOf(each) === hand).length
  const [desk, ask, own] = [count('desk'), count('ask'), count('own')]
  if (desk + ask + own === 0) {
    return (
      <NothingOpen stations={stations} putRight={putRight} standing={count('stet')} met={count('met')}>
        <LastLook unseen={unseen} pages={pages} onLook={onLook} onHandIn={onHandIn} />
      </NothingOpen>
    )
  }
  const most = [...stations].sort((one, other) => other.open - one.open)[0]
  const advised = all.filter((each) => handOf(each) !== 'met' && each.off && each.weight === 'advised').length
  return (
    <div className="mx-4 mb-3 border-y border-base-content py-2.5">
      <p className="text-[15px] leading-snug">
        <b>{desk + ask + own} open</b>
        {advised > 0 && `, ${advised} of them only advised`}
        {most && most.open > 1 && (
          <>
            ; most at {stationName(most.id)} (<span>{most.open}</span>)
          </>
        )}
        .
      </p>
      <p className="mt-0.5 text-[15px] leading-snug text-soft">
        {[
          desk > 0 && `${desk} the desk puts right`,
          ask > 0 && `${ask} ${ask === 1 ? 'asks' : 'ask'} for your answer`,
          own > 0 && `${own} only you can settle`,
        ]
          .filter(Boolean)
          .join(', ')}
        .
      </p>
      {desk > 0 ? (
        <Next onClick={onPutAllRight} busy={busy} keyName="A">
          Put right all that is safe · {desk}
        </Next>
      ) : questions > 0 ? (
        <Next onClick={onQuestions} busy={busy} keyName="Q">
          Answer the questions · {questions}
        </Next>
      ) : (
        <Next onClick={onNextOpen} busy={busy} keyName="J">
          Show what is left · {own}
        </Next>
      )}
    </div>
  )
}

function Next({
  keyName,
  busy,
  onClick,
  children,
}: {
  keyName: string
  busy: boolean
  onClick: () => void
  children: ReactNode
}) {
  return (
    <button type="button" className="btn btn-primary mt-2 w-full" disabled={busy} onClick={onClick}>
      <span>{children}</span> <Key name={keyName} />
    </button>
  )
}

/** The pages are gone through once more before the paper is handed in. */
function LastLook({
  unseen,
  pages,
  onLook,
  onHandIn,
}: {
  unseen: number
  pages: number
  onLook: () => void
  onHandIn: () => void
}) {
  return (
    <>
      <p className="mt-2 text-[15px] leading-snug">
        {unseen > 0
          ? `Look through the pages once more: ${pages - unseen} of ${pages} seen as they stand now.`
          : `You have seen all ${pages} pages as they stand now.`}
      </p>
      <div className="mt-3 flex gap-3">
        {unseen > 0 && (
          <button type="button" className="btn btn-primary" onClick={onLook}>
            Next unseen page
          </button>
        )}
        <button type="button" className={unseen > 0 ? 'btn btn-quiet' : 'btn btn-primary'} onClick={onHandIn}>
          Hand in
        </button>
      </div>
    </>
  )
}

/** The moment when every reading is met or stands: what was measured, and what was not. */
function NothingOpen({
  stations,
  putRight,
  standing,
  met,
  children,
}: {
  stations: Station[]
  putRight: number
  standing: number
  met: number
  children: ReactNode
}) {
  const unbuilt = stations.filter(({ notBuilt }) => notBuilt > 0).map(({ id }) => stationName(id))
  const silent = stations.flatMap(({ silent: rules }) => rules)
  const done = [
    putRight > 0 && `${putRight} put right`,
    standing > 0 && `${standing} let stand`,
    `${met} ${met === 1 ? 'reading' : 'readings'} met`,
  ].filter((each) => each !== false)
  return (
    <div className="mx-4 mb-3 border-y border-base-content py-3">
      <p className="relative inline-block font-title text-[19px] leading-tight">
        Nothing is open.
        <svg
          aria-hidden="true"
          viewBox="0 0 140 8"
          preserveAspectRatio="none"
          className="absolute -bottom-1.5 left-0 h-2 w-full"
        >
          <path
            className="pencil-flourish"
            d="M2 5C30 1 52 7 78 4S122 2 138 5"
            pathLength={1}
            fill="none"
            stroke="var(--color-primary)"
            strokeWidth={1.8}
            strokeLinecap="round"
          />
        </svg>
      </p>
      <p className="mt-2 text-[15px] leading-snug text-soft">
        {done.join(', ')}.
        {unbuilt.length > 0 && ` Not measured yet, or only in part, in any paper: ${listed(unbuilt)}.`}
        {silent.length > 0 && ` Not measured in this one: ${listed(silent)}.`}
      </p>
      {children}
    </div>
  )
}

function listed(names: string[]): string {
  const lower = names.map((name) => name.charAt(0).toLowerCase() + name.slice(1))
  return lower.length < 2 ? lower.join('') : `${lower.slice(0, -1).join(', ')} and ${lower.at(-1) ?? ''}`
}
