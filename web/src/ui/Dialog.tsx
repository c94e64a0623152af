import { type ReactNode, useEffect, useRef } from 'react'

/** A dialog over the page; Escape closes it and focus goes back to where it was. */
export function Dialog({
  title,
  onClose,
  children,
}: {
  title: string
  onClose: () => void
  children: ReactNode
}) {
  const dialog = useRef<HTMLDialogElement>(null)
  useEffect(() => {
    const opened = dialog.current
    opened?.showModal()
    return () => opened?.close()
  }, [])
  return (
    <dialog
      ref={dialog}
      onCancel={(event) => {
        event.preventDefault()
        onClose()
      }}
      aria-label={title}
      className="m-auto w-[min(34rem,92vw)] rounded-[3px] border border-rule bg-base-100 p-6 text-base-content backdrop:bg-black/30"
    >
      <h2 className="mb-3 text-xl">{title}</h2>
      {children}
    </dialog>
  )
}
