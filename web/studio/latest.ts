/** Begins a question; what comes back tells whether no later one was begun since, so that a slow answer never stands over a newer one. */
export function latest(): () => () => boolean {
  let asked = 0
  return () => {
    const mine = ++asked
    return () => mine === asked
  }
}
