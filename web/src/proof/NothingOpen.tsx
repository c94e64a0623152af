/** The moment when every reading is met or stands, and what comes next. */
export function NothingOpen({
  standing,
  putRight,
  onHandIn,
}: {
  standing: number
  putRight: number
  onHandIn: () => void
}) {
  const done = [
    putRight > 0 ? `${putRight} put right` : '',
    standing > 0 ? `${standing} let stand` : '',
    'every other reading is met',
  ].filter((each) => each !== '')
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
        {capital(done.join(', '))}. Scroll through the pages once more, then hand the paper in.
      </p>
      <button type="button" className="btn btn-primary mt-3" onClick={onHandIn}>
        Hand in
      </button>
    </div>
  )
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}
