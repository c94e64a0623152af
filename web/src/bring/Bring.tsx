import { type SubmitEvent, useState } from 'react'
import { useNavigate } from 'react-router'
import type { Work } from '../api/work'
import { useLibrary } from '../brief/useLibrary'
import { Notice } from '../ui/Notice'
import { TextField } from '../ui/TextField'
import { Underway } from '../ui/Underway'
import { useTitle } from '../ui/useTitle'
import { DropZone } from './DropZone'
import { GuideChoice } from './GuideChoice'
import { SendingNote } from './SendingNote'
import { Understood } from './Understood'
import { useGuides, useKeep, useUnderstanding } from './useBring'
import { useSending } from './useSending'

/** What the header of a guide needs of the facts. */
const needed = (words: string | undefined) =>
  words === 'surname'
    ? 'the surname'
    : words === 'short-title'
      ? 'the short title, in capitals'
      : 'neither in this guide'

/** Bring a paper: the file, the guide, what was understood, and the two facts the header may need. */
export function Bring() {
  const navigate = useNavigate()
  const guides = useGuides()
  const [file, setFile] = useState<File | null>(null)
  const [guide, setGuide] = useState('mla-9')
  const [surname, setSurname] = useState('')
  const [shortTitle, setShortTitle] = useState('')
  const [house, setHouse] = useState('')
  const library = useLibrary()
  const [work, setWork] = useState<Work | null>(null)
  const { part, sending, begin, stop } = useSending()
  const reading = useUnderstanding(setWork, sending)
  const keeping = useKeep(setWork, sending)
  useTitle('Bring a paper')

  const choose = (chosen: File) => {
    setFile(chosen)
    keeping.reset()
    setWork(null)
    begin()
    reading.mutate(
      { file: chosen, guide },
      {
        onSuccess: (understood) => {
          setSurname(understood.surname)
          setShortTitle(understood.shortTitle)
        },
      },
    )
  }
  const keep = () => {
    if (file && reading.isSuccess) {
      setWork(null)
      begin()
      keeping.mutate(
        { file, guide, surname, shortTitle, house },
        { onSuccess: (id) => void navigate(`/papers/${id}`) },
      )
    }
  }
  const submit = (event: SubmitEvent) => {
    event.preventDefault()
    keep()
  }
  const again = () => {
    if (keeping.error) {
      keep()
    } else if (file) {
      choose(file)
    }
  }
  const problem = reading.error ?? keeping.error
  const busy = reading.isPending || keeping.isPending
  const chosen = guides.data?.find((each) => each.id === guide)

  return (
    <main className="mx-auto w-full max-w-[1120px] p-8 max-sm:p-4">
      <h1 className="mb-5 text-3xl">Bring a paper</h1>
      <form onSubmit={submit} className="grid gap-8 lg:grid-cols-[1fr_400px] lg:grid-rows-[auto_1fr]">
        <div className="flex flex-col gap-6">
          <DropZone file={file} onFile={choose} />
          {busy && work && <Underway work={work} />}
          {busy && !work && <SendingNote part={part} onStop={stop} />}
          {problem && <Notice message={problem.message} onAgain={again} />}
          {reading.data && file && <Understood understood={reading.data} />}
        </div>
        <div className="lg:col-start-2 lg:row-span-2 lg:row-start-1">
          <GuideChoice guides={guides.data ?? []} chosen={guide} onChoose={setGuide} />
          {library.data && library.data.length > 0 && (
            <label className="mt-4 flex flex-col gap-1">
              House rules
              <select className="select" value={house} onChange={(event) => setHouse(event.target.value)}>
                <option value="">none: the guide as it is</option>
                {library.data.map(({ id, house: { name } }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
          )}
        </div>
        <div className="flex flex-col gap-5">
          <fieldset disabled={!reading.isSuccess}>
            <legend className="sr-only">Facts of this paper</legend>
            <p className="mb-3 text-soft">
              Read off the paper. Correct them if they are wrong; the header needs{' '}
              {needed(chosen?.headerWords)}.
            </p>
            <div className="flex gap-4 max-sm:flex-col">
              <TextField label="Surname" maxLength={200} value={surname} onText={setSurname} />
              <TextField label="Short title" maxLength={200} value={shortTitle} onText={setShortTitle} />
            </div>
          </fieldset>
          <button type="submit" className="btn btn-primary self-start" disabled={!reading.isSuccess || busy}>
            Measure it
          </button>
        </div>
      </form>
    </main>
  )
}
