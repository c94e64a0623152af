import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { type SubmitEvent, useState } from 'react'
import { useNavigate } from 'react-router'
import { api, body } from '../api/client'
import { finish } from '../api/work'
import { Dialog } from '../ui/Dialog'
import { Notice } from '../ui/Notice'
import { TextField } from '../ui/TextField'
import { when } from './shelf'
import type { PaperSummary } from './usePapers'

const KEY = ['patterns']

const at = (id: string) => ({ params: { path: { id } } })

function usePatterns() {
  return useQuery({ queryKey: KEY, queryFn: async () => body(await api.GET('/api/patterns')) })
}

function usePatternCommands() {
  const client = useQueryClient()
  const onSettled = () => client.invalidateQueries({ queryKey: KEY })
  return {
    keep: useMutation({
      mutationFn: ({ paper, name }: { paper: PaperSummary; name: string }) =>
        api.POST('/api/papers/{id}/pattern', { ...at(paper.id), body: { name } }),
      onSettled,
    }),
    use: useMutation({
      mutationFn: async (id: string) => {
        const work = await finish(body(await api.POST('/api/patterns/{id}/papers', at(id))), () => undefined)
        if (!work.paper) {
          throw new Error('The paper was not kept. Try again.')
        }
        return work.paper
      },
      onSuccess: () => client.invalidateQueries({ queryKey: ['papers'] }),
    }),
    remove: useMutation({ mutationFn: (id: string) => api.DELETE('/api/patterns/{id}', at(id)), onSettled }),
  }
}

/** Papers kept as patterns: each makes a new paper, as often as one likes. */
export function Patterns() {
  const patterns = usePatterns()
  const { use, remove } = usePatternCommands()
  const navigate = useNavigate()
  const all = patterns.data ?? []
  const problem = use.error ?? remove.error
  const now = new Date()
  if (all.length === 0) {
    return null
  }
  return (
    <section aria-labelledby="patterns" className="mt-10">
      <h2 id="patterns" className="mb-2 text-xl">
        Patterns
      </h2>
      {problem && <Notice message={problem.message} />}
      <ul className="border-t border-base-content">
        {all.map(({ id, name, guide, madeAt }) => (
          <li key={id} className="flex flex-wrap items-baseline gap-x-5 gap-y-1 border-b border-rule py-2">
            <span className="min-w-0 font-bold [overflow-wrap:anywhere]">{name}</span>
            <span className="flex-1 text-sm text-soft">
              {guide} · kept {when(madeAt, now)}
            </span>
            <button
              type="button"
              className="pencil-link"
              disabled={use.isPending}
              onClick={() => use.mutate(id, { onSuccess: (paper) => void navigate(`/papers/${paper}`) })}
            >
              New paper<span className="sr-only"> of {name}</span>
            </button>
            <button
              type="button"
              className="text-sm text-soft underline hover:text-error"
              onClick={() => remove.mutate(id)}
            >
              Delete<span className="sr-only"> the pattern {name}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** Keeps a paper as a pattern for the next. */
export function PatternDialog({ paper, onClose }: { paper: PaperSummary; onClose: () => void }) {
  const [name, setName] = useState(paper.title.slice(0, 150))
  const { keep } = usePatternCommands()
  const submit = (event: SubmitEvent) => {
    event.preventDefault()
    keep.mutate({ paper, name: name.trim() }, { onSuccess: onClose })
  }
  return (
    <Dialog title="Use this paper again" onClose={onClose}>
      <form onSubmit={submit} className="flex flex-col gap-4">
        <p className="text-soft">
          Its guide, house rules, author, course and parts are kept as a pattern; its text, title and date are
          not. Each paper made of it is a new one, and this paper stays as it is.
        </p>
        <TextField label="Name of the pattern" required maxLength={150} value={name} onText={setName} />
        {keep.error && <Notice message={keep.error.message} />}
        <div className="flex justify-end gap-3">
          <button type="button" className="btn btn-quiet" onClick={onClose}>
            Leave it
          </button>
          <button type="submit" className="btn btn-primary" disabled={keep.isPending || name.trim() === ''}>
            Keep as a pattern
          </button>
        </div>
      </form>
    </Dialog>
  )
}
