import { useState } from 'react'
import { Link, useParams } from 'react-router'
import type { Work } from '../api/work'
import { Notice } from '../ui/Notice'
import { Underway } from '../ui/Underway'
import { ProofDesk } from './ProofDesk'
import { useLayout, usePaper, useReadings } from './useProof'

/** The proof of one paper: loads it and shows it when it is whole. */
export function ProofView() {
  const { id = '' } = useParams()
  const paper = usePaper(id)
  const [work, setWork] = useState<Work | null>(null)
  const layout = useLayout(id, paper.data?.revision, setWork)
  const readings = useReadings(id, paper.data?.revision)
  const problem = paper.error ?? layout.error ?? readings.error
  if (problem) {
    return (
      <main className="flex max-w-[640px] flex-col gap-4 p-8">
        <Notice message={problem.message} />
        <Link to="/papers" className="pencil-link self-start">
          Back to your papers
        </Link>
      </main>
    )
  }
  if (!paper.data || !layout.data || !readings.data) {
    return <Waiting title={paper.data?.title} work={work} />
  }
  return <ProofDesk key={id} paper={paper.data} layout={layout.data} stations={readings.data.stations} />
}

/** An empty sheet on the desk until the pages are there. */
function Waiting({ title, work }: { title: string | undefined; work: Work | null }) {
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
