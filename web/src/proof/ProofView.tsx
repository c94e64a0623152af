import { useState } from 'react'
import { Link, useParams } from 'react-router'
import type { Work } from '../api/work'
import { Notice } from '../ui/Notice'
import { useSettings } from '../ui/settings'
import { Underway } from '../ui/Underway'
import { useTitle } from '../ui/useTitle'
import { isComing } from './allPages'
import { ProofDesk } from './ProofDesk'
import { useLayout, usePaper, useReadings } from './useProof'

/** The proof of one paper: loads it and shows it when it is whole. */
export function ProofView() {
  const { id = '' } = useParams()
  const paper = usePaper(id)
  const [work, setWork] = useState<Work | null>(null)
  const layout = useLayout(id, paper.data?.revision, setWork)
  const readings = useReadings(id, paper.data?.revision, useSettings().units)
  const problem = paper.error ?? layout.error ?? readings.error
  // Pages that will not come are no paper to be shown.
  const pages = layout.error && layout.data && isComing(layout.data) ? undefined : layout.data
  const whole = paper.data && pages && readings.data
  // What is on the screen stays there when it cannot be fetched anew.
  if (problem && !whole) {
    return (
      <main className="flex max-w-[640px] flex-col gap-4 p-8">
        <h1 className="text-2xl">The paper cannot be shown</h1>
        <Notice
          message={problem.message}
          onAgain={() => void Promise.all([paper.refetch(), layout.refetch(), readings.refetch()])}
        />
        <Link to="/papers" className="pencil-link self-start">
          Back to your papers
        </Link>
      </main>
    )
  }
  if (!whole) {
    return <Waiting title={paper.data?.title} work={work} />
  }
  return <ProofDesk key={id} paper={paper.data} layout={pages} stations={readings.data.stations} />
}

/** An empty sheet on the desk until the pages are there. */
function Waiting({ title, work }: { title: string | undefined; work: Work | null }) {
  useTitle(title ?? 'Opening the paper')
  return (
    <main className="grid h-full grid-cols-[392px_minmax(0,1fr)] max-md:grid-cols-1">
      <div className="border-r border-rule bg-base-100 p-4">
        <h1 className="text-[17px]">{title ?? 'Opening the paper'}</h1>
        <div className="pt-1">
          {work ? (
            <Underway work={work} />
          ) : (
            <p role="status" className="text-soft">
              Fetching the pages…
            </p>
          )}
        </div>
      </div>
      <div aria-hidden="true" className="flex justify-center overflow-hidden bg-base-300 pt-[22px]">
        <div className="sheet-shadow h-[1056px] w-[816px] max-w-[94%] bg-(--sheet)" />
      </div>
    </main>
  )
}
