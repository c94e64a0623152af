import { changeSettings, useSettings } from '../ui/settings'

/** What the strokes and the words of the desk mean, in a line, until it is put away. */
export function Legend() {
  const { legend } = useSettings()
  if (!legend) {
    return null
  }
  return (
    <div className="flex items-start gap-4 border-b border-rule bg-base-100 px-4 py-1.5 text-sm leading-snug text-soft">
      <p className="min-w-0 flex-1">
        <svg aria-hidden="true" viewBox="0 0 30 8" className="mr-1 inline h-2 w-[30px]">
          <path
            d="M1 4h28M5 1.5L1 4l4 2.5M25 1.5L29 4l-4 2.5"
            fill="none"
            stroke="var(--color-base-content)"
          />
        </svg>
        ink: what stands.{' '}
        <svg aria-hidden="true" viewBox="0 0 30 8" className="mx-1 inline h-2 w-[30px]">
          <path
            d="M1 4h28"
            fill="none"
            stroke="var(--color-primary)"
            strokeDasharray="4 3"
            strokeWidth="1.5"
          />
        </svg>
        pencil: what is asked. A <i>reading</i> is one thing measured; <i>stet</i> lets it stand; a{' '}
        <i>proof</i> is the paper in pages.
      </p>
      <button type="button" className="pencil-link" onClick={() => changeSettings({ legend: false })}>
        Got it
      </button>
    </div>
  )
}
