/** Says what went wrong, what was kept, and what to do; it can be closed, and tried again where that may help. */
export function Notice({
  message,
  onAgain,
  onClose,
}: {
  message: string
  onAgain?: () => void
  onClose?: () => void
}) {
  return (
    <div role="alert" className="flex items-start gap-4 border-l-3 border-error bg-base-200 px-3 py-2">
      <p className="min-w-0 flex-1">{message}</p>
      {onAgain && (
        <button type="button" className="pencil-link" onClick={onAgain}>
          Try again
        </button>
      )}
      {onClose && (
        <button type="button" className="pencil-link" onClick={onClose}>
          Close
        </button>
      )}
    </div>
  )
}
