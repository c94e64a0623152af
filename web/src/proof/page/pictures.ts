/** Where the pictures of a paper are found. */
export const picturesOf = (paper: string) => `/api/papers/${paper}/picture`

/** Where pictures are found: under an address, or each by itself; an address that holds a picture stands for all. */
export type Pictures = string | ReadonlyMap<string, string>

/** The address of one of them. */
export const pictureAt = (pictures: Pictures, part: string) =>
  typeof pictures !== 'string'
    ? pictures.get(part)
    : pictures.startsWith('data:')
      ? pictures
      : `${pictures}?part=${encodeURIComponent(part)}`
