import type { Schemas } from '../api/client'

export type Line = Schemas['LineChoice']

/** What a writer says of a part of the materials. */
export interface Material {
  kind: string
  title: string
  abbreviation: string
  source: string
}

/** The same with the part it is said of, counted from 0. */
export type MaterialSaid = Material & { part: number }

/** What a part is, and what its writer said of it, if anything. */
export type MaterialView = Schemas['MaterialView'] & { said?: Material | undefined }

/** What a part of the materials can be said to be. */
export const KINDS: [string, string][] = [
  ['consent', 'Consent'],
  ['demographics', 'Demographics'],
  ['stimuli', 'Stimuli'],
  ['scale', 'Scale'],
  ['debriefing', 'Debriefing'],
  ['other', 'Something else'],
]

/** What a line can be said to be. */
export const ROLES: [string, string][] = [
  ['heading', 'Title or heading'],
  ['instruction', 'Text as given'],
  ['item', 'Item'],
  ['option', 'Answer to choose'],
  ['open_answer', 'Open answer'],
  ['out', 'Taken out'],
]

/** What a picture can be said to be: it comes along or not. */
const PICTURE_ROLES: [string, string][] = [
  ['picture', 'Picture'],
  ['out', 'Taken out'],
]

/** What one line can be said to be. */
export const rolesOf = (line: Line) => (line.picture ? PICTURE_ROLES : ROLES)

/** What the pictures that come along show, each by its id. */
export const shownBy = (lines: Line[]): ReadonlyMap<string, string> =>
  new Map(lines.flatMap(({ picture }) => (picture?.data ? [[picture.id, picture.data] as const] : [])))

/** The lines with one of them in other words. */
export const withWords = (lines: Line[], index: number, words: string): Line[] =>
  lines.map((line, at) => (at === index ? { ...line, words } : line))

/** The lines with one of them said to be something else; what comes back has its words as they came in. */
export const withRole = (lines: Line[], index: number, role: string): Line[] =>
  lines.map((line, at) =>
    at === index
      ? { ...line, role, reversed: role === 'item' && line.reversed, words: line.words || line.typed }
      : line,
  )

/** The lines with what was taken out of one of them put back. */
export const restored = (lines: Line[], index: number): Line[] =>
  lines.map((line, at) =>
    at === index
      ? { ...line, words: line.typed, why: [], role: line.role === 'out' ? 'instruction' : line.role }
      : line,
  )

/** The lines with an item marked as scored in reverse, or not. */
export const withReversed = (lines: Line[], index: number, reversed: boolean): Line[] =>
  lines.map((line, at) => (at === index ? { ...line, reversed } : line))

/** The lines with a new appendix beginning at one of them, or going on with the one before. */
export function withPart(lines: Line[], index: number, begins: boolean): Line[] {
  const by = begins ? 1 : -1
  return lines.map((line, at) => (at >= index ? { ...line, part: Math.max(0, line.part + by) } : line))
}

/** Whether an appendix begins at a line. */
export const beginsPart = (lines: Line[], index: number) =>
  index > 0 && (lines[index]?.part ?? 0) > (lines[index - 1]?.part ?? 0)

/** Where each part begins, by its number. */
const beginnings = (lines: Line[]): Map<number, number> => {
  const out = new Map<number, number>()
  lines.forEach(({ part }, index) => {
    if (!out.has(part)) {
      out.set(part, index)
    }
  })
  return out
}

/** What was said of parts, each known by the line it begins with, so that it holds when others are parted or joined. */
export type Said = ReadonlyMap<number, Material>

/** What was said, with a word on one part more. */
export function withMaterial(said: Said, lines: Line[], part: number, material: Material): Said {
  const out = new Map(said)
  out.set(beginnings(lines).get(part) ?? 0, material)
  return out
}

/** What was said of the parts there are now, by their numbers. */
export function materialsOf(said: Said, lines: Line[]): MaterialSaid[] {
  return [...beginnings(lines)].flatMap(([part, index]) => {
    const material = said.get(index)
    return material ? [{ part, ...material }] : []
  })
}

/** How many lines are kept, and from how many something was taken. */
export const counted = (lines: Line[]) => ({
  kept: lines.filter(({ role }) => role !== 'out').length,
  out: lines.filter(({ role }) => role === 'out').length,
  parts: new Set(lines.filter(({ role }) => role !== 'out').map(({ part }) => part)).size,
})
