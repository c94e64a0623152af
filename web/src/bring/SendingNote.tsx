/** How far a file is sent. */
export function SendingNote({ part, onStop }: { part: number; onStop: () => void }) {
  const percent = Math.round(part * 100)
  return (
    <div className="flex items-center gap-4 text-soft">
      <span role="status">{part < 1 ? 'Sending the file…' : 'The file is there; reading it…'}</span>
      <progress
        className="progress w-40"
        value={percent}
        max={100}
        aria-label="Part of the file that is sent"
      >
        {percent} %
      </progress>
      <button type="button" className="pencil-link" onClick={onStop}>
        Stop
      </button>
    </div>
  )
}
