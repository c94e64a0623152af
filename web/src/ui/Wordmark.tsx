/** The name with its sign: a bench with marks on it. */
export function Wordmark() {
  return (
    <span className="flex items-center gap-2">
      <svg viewBox="0 0 32 32" className="size-7" aria-hidden="true">
        <path d="M2 11h28v6H2zM6 17v11M26 17v11" fill="currentColor" stroke="currentColor" strokeWidth="3" />
        <path d="M6 10V6M12 10V7M18 10V5M24 10V7" stroke="var(--color-primary)" strokeWidth="2" />
      </svg>
      <span className="font-title text-[23px] font-bold leading-none">Grintel</span>
    </span>
  )
}
