import type { UseMutationResult } from '@tanstack/react-query'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { Sheet, Whose } from './useTable'

/**
 * Makes something of cells as it is wished, anew whenever the cells, the wish or the guide change.
 *
 * @param onMade what came of it, null where nothing did
 */
export function useMaking<Wish, Made>(
  sheets: Sheet[],
  whose: Whose,
  start: Wish,
  making: UseMutationResult<Made, Error, { sheets: Sheet[]; wish: Wish }>,
  onMade: (made: Made | null) => void,
) {
  const [wish, setWish] = useState(start)
  const { mutate } = making
  const remake = useCallback(
    (by: Wish) =>
      mutate({ sheets, wish: by }, { onSuccess: (made) => onMade(made), onError: () => onMade(null) }),
    [mutate, sheets, onMade],
  )
  const asked = JSON.stringify(whose)
  const madeFor = useRef<{ asked: string; sheets: Sheet[] } | null>(null)
  // Another guide has another form: the same cells are made anew by it.
  useEffect(() => {
    if (madeFor.current?.asked !== asked || madeFor.current.sheets !== sheets) {
      madeFor.current = { asked, sheets }
      remake(wish)
    }
  }, [asked, sheets, wish, remake])
  const change = (by: Wish) => {
    setWish(by)
    remake(by)
  }
  return [wish, change] as const
}
