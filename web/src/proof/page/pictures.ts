/** Where the pictures of a paper are found. */
export const picturesOf = (paper: string) => `/api/papers/${paper}/picture`
