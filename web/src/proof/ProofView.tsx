import { Link, useParams } from 'react-router'
import { Notice } from '../ui/Notice'
import { ProofDesk } from './ProofDesk'
import { useLayout, usePaper, useReadings } from './useProof'

/** The proof of one paper: loads it and shows it when it is whole. */
export function ProofView() {
  const { id = '' } = useParams()
  const paper = usePaper(id)
  const layout = useLayout(id, paper.data?.step)
  const readings = useReadings(id, paper.data?.step)
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
    return (
      <p role="status" className="p-8 text-soft">
        Laying out the pages…
      </p>
    )
  }
  return <ProofDesk key={id} paper={paper.data} layout={layout.data} stations={readings.data.stations} />
}
