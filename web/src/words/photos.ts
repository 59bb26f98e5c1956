/** What is said of photos. */
export const photoWords = {
  add: 'Add a photo',
  sending: 'Sending the photo.',
  long: 'A photo may have 10 MB. Send a smaller one.',
  /** What a picture is of, for who cannot see it. */
  of: (what: string, which: number, all: number) =>
    all === 1 ? `Photo: ${what}` : `Photo ${which} of ${all}: ${what}`,
};
