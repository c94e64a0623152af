/** Says what went wrong, what was kept, and what to do. */
export function Notice({ message }: { message: string }) {
  return (
    <p role="alert" className="border-l-3 border-error bg-base-200 px-3 py-2">
      {message}
    </p>
  )
}
