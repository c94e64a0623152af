import type { Schemas } from '../api/client'

type Mentioned = Schemas['MentionedView']

/** Several appendices in the order in which they will stand, with where the paper mentions each first. */
export function Order({
  mentioned,
  order,
  onOrder,
}: {
  mentioned: Mentioned[]
  /** Each by its place among the lines. */
  order: number[]
  onOrder: (order: number[]) => void
}) {
  const move = (at: number, by: number) =>
    onOrder(
      order.map((index, place) =>
        place === at ? (order[at + by] ?? index) : place === at + by ? (order[at] ?? index) : index,
      ),
    )
  return (
    <section aria-labelledby="order" className="mb-4">
      <h2 id="order" className="border-b border-base-content text-lg">
        Order
      </h2>
      <p className="mt-2 text-[15px] text-soft">
        {mentioned.some(({ page }) => page > 0)
          ? 'Proposed in the order in which the paper mentions them first.'
          : 'The paper mentions none of them yet; they stand as they came in.'}
      </p>
      <ol>
        {order.map((index, at) => {
          const found = mentioned.find((each) => each.index === index)
          const name = found?.title ? found.title : `Appendix ${index + 1} of the text`
          return (
            <li key={index} className="flex items-baseline gap-3 border-b border-rule py-1.5">
              <span className="w-5 shrink-0 text-soft tabular-nums">{at + 1}.</span>
              <span className="min-w-0 flex-1">
                <span className="block truncate">{name}</span>
                <span className="block text-sm text-soft">
                  {found?.page ? `p. ${found.page}: ${found.sentence}` : 'Not mentioned yet.'}
                </span>
              </span>
              <button
                type="button"
                className="pencil-link text-sm"
                aria-label={`Earlier: ${name}`}
                disabled={at === 0}
                onClick={() => move(at, -1)}
              >
                Earlier
              </button>
              <button
                type="button"
                className="pencil-link text-sm"
                aria-label={`Later: ${name}`}
                disabled={at === order.length - 1}
                onClick={() => move(at, 1)}
              >
                Later
              </button>
            </li>
          )
        })}
      </ol>
    </section>
  )
}
