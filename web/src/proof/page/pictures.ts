/** Where the pictures of a paper are found. */
export const picturesOf = (paper: string) => `/api/papers/${paper}/picture`

/** The address of one of them. An address that holds a picture itself stands for all. */
export const pictureAt = (pictures: string, part: string) =>
  pictures.startsWith('data:') ? pictures : `${pictures}?part=${encodeURIComponent(part)}`
