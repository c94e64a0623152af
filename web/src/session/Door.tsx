import type { ReactNode } from 'react'
import { Wordmark } from '../ui/Wordmark'

/** The frame of all that is seen before one is signed in: what this is on the one side, a form on the other. */
export function Door({ children, form }: { children?: ReactNode; form: ReactNode }) {
  return (
    <main className="grid min-h-full place-items-center bg-base-300 p-6 max-sm:p-0">
      <div className="grid w-full max-w-[880px] overflow-hidden rounded-[3px] border border-rule bg-base-100 md:grid-cols-[1fr_340px]">
        <section className="flex flex-col justify-between gap-10 p-9 max-sm:gap-6 max-sm:p-6">
          <Wordmark />
          <div>
            <h1 className="max-w-[18ch] text-[34px] leading-tight max-sm:text-[27px]">
              Your paper, measured and put right.
            </h1>
            <p className="mt-3 max-w-[44ch] text-soft">
              Bring the file you wrote. Grintel lays it out page by page, measures it against your style
              guide, and puts its layout right in the same file. Your words stay as you wrote them.
            </p>
          </div>
          {children}
        </section>
        <div className="border-t border-rule p-9 max-sm:p-6 md:border-t-0 md:border-l">{form}</div>
      </div>
    </main>
  )
}
