/** Progress of a file in two halves: its bytes are read, then what is in them. Each is told as a share, 0 to 1. */
export const inHalves = (progress: (share: number) => void) => ({
  bytes: (share: number): void => progress(share / 2),
  content: (share: number): void => progress((1 + share) / 2),
});
