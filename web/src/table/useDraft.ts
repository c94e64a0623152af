import { useEffect, useState } from 'react'

/** Milliseconds without typing after which words are taken over. */
const PAUSE = 400

/**
 * Words of something made while they are typed: taken over after a pause, shown anew when they change elsewhere.
 *
 * @param wordsOf the words it has; the same function each time
 * @param withWords it with other words; the same function each time
 */
export function useDraft<Made, Words>(
  made: Made,
  wordsOf: (made: Made) => Words,
  withWords: (made: Made, words: Words) => Made,
  onChange: (edit: (was: Made) => Made) => void,
) {
  const [words, setWords] = useState(() => wordsOf(made))
  const [was, setWas] = useState(made)
  // What came from elsewhere, as a step taken back, shows in the fields.
  if (was !== made) {
    setWas(made)
    setWords(wordsOf(made))
  }
  useEffect(() => {
    const later = setTimeout(() => {
      if (JSON.stringify(wordsOf(withWords(made, words))) !== JSON.stringify(wordsOf(made))) {
        onChange((each) => withWords(each, words))
      }
    }, PAUSE)
    return () => clearTimeout(later)
  }, [words, made, wordsOf, withWords, onChange])
  const say = (said: Partial<Words>) => setWords((before) => ({ ...before, ...said }))
  return [words, say] as const
}

/** The paragraphs of a field in which each has a line. */
export const paragraphsOf = (text: string) => text.split('\n').filter((line) => line.trim() !== '')
