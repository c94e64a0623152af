import { useNavigate, useParams } from 'react-router'
import { useGuides } from '../bring/useBring'
import { Notice } from '../ui/Notice'
import { useTitle } from '../ui/useTitle'
import { Differences } from './Differences'
import { useLibraryChanges, useShared } from './useLibrary'

const DATE = new Intl.DateTimeFormat('en', { dateStyle: 'long' })

/** House rules somebody shares: to look at, and to take a copy of. */
export function SharedPage() {
  const { token = '' } = useParams()
  const shared = useShared(token)
  const guides = useGuides()
  const { takeOver } = useLibraryChanges()
  const navigate = useNavigate()
  useTitle(shared.data?.house.name ?? 'House rules')
  if (shared.isError) {
    return (
      <main className="mx-auto w-full max-w-[760px] p-8 pt-16">
        <h1 className="mb-3 text-3xl">House rules</h1>
        <Notice message={shared.error.message} />
      </main>
    )
  }
  if (!shared.data) {
    return <p className="p-8 text-soft">Opening…</p>
  }
  const { house, guide, told, changedAt } = shared.data
  return (
    <main className="mx-auto w-full max-w-[760px] p-8 max-sm:p-4">
      <p className="text-soft">House rules, handed on</p>
      <h1 className="text-3xl [overflow-wrap:anywhere]">{house.name}</h1>
      <p className="mt-1 text-soft">
        For {guides.data?.find(({ id }) => id === guide)?.name ?? guide}; as of{' '}
        {DATE.format(new Date(changedAt))}
      </p>
      <div className="my-5 border-y border-base-content py-3">
        <Differences differences={told.differences} />
      </div>
      {takeOver.error && <Notice message={takeOver.error.message} />}
      <button
        type="button"
        className="btn btn-primary"
        disabled={takeOver.isPending}
        onClick={() => takeOver.mutate(token, { onSuccess: () => void navigate('/house-rules') })}
      >
        Take a copy into my library
      </button>
    </main>
  )
}
