import { entry } from './entry'

/** One entry of the browser's history: a step of the way, or something that stands over it, such as a sheet. */
export interface Mark {
  step: number
  over?: boolean
  address: string
}

interface State {
  lanai: string
  index: number
  step: number
}

/** How long a browser that was told to go back may take; a place where it never does is not waited for. */
const PATIENCE = 1000

/**
 * The entries that this app has made in the browser's history, so that its back is the same as the app's. Each is made after a tap, and
 * none is left that leads nowhere. In the deck the history is the studio's: there the entries are only kept in mind.
 */
export function useTrail(reached: (mark: Mark) => unknown, strayed: (address: string) => unknown) {
  const own = !entry.deck
  let marks: Mark[] = []
  let index = 0
  /** What stands over the page, the last one on top, each with how it is closed. */
  let overs: (() => void)[] = []
  let before: Promise<unknown> = Promise.resolve()
  let traversed: (() => void) | null = null

  /** One after the other: what is written while the browser is on its way back would be written in the wrong place. */
  const inTurn = <T>(work: () => T | Promise<T>): Promise<T> => {
    const mine = before.then(work)
    before = mine.catch(() => undefined)
    return mine
  }

  const state = (): State => ({ lanai: entry.base, index, step: marks[index].step })
  const isMine = (found: unknown): found is State => (found as State | null)?.lanai === entry.base
  /** How many entries at the end are of what stands over the page. */
  const overAt = (at: number) => {
    let count = 0
    while (marks[at - count]?.over) count++
    return count
  }

  function write(mark: Mark, how: 'push' | 'replace') {
    if (how === 'push') index++
    marks = [...marks.slice(0, index), mark, ...(how === 'replace' ? marks.slice(index + 1) : [])]
    if (own) history[`${how}State`](state(), '', mark.address || location.pathname + location.search)
  }

  /** @param by below zero */
  async function traverse(by: number) {
    if (by === 0) return
    index += by
    if (!own) return
    await new Promise<void>((done) => {
      const patience = setTimeout(done, PATIENCE)
      traversed = () => (clearTimeout(patience), done())
      history.go(by)
    })
    traversed = null
  }

  /** Entries of what is closed by now are taken back. */
  const settle = () =>
    inTurn(async () => {
      const extra = overAt(index) - overs.length
      if (extra > 0) await traverse(-extra)
    })

  function popped(event: PopStateEvent) {
    if (traversed) return traversed()
    if (!isMine(event.state)) {
      // Somebody wrote an address: the browser has made an entry of its own.
      write({ step: 0, address: location.hash }, 'push')
      return void strayed(location.hash)
    }
    index = Math.min(event.state.index, marks.length - 1)
    const standing = overAt(index)
    for (const close of overs.splice(standing)) close()
    void settle()
    reached(marks[index])
  }

  return {
    /** @param kept the entries before the page was loaded anew; null where it begins */
    begin(mark: Mark, kept: { marks: Mark[]; index: number } | null) {
      if (own) history.scrollRestoration = 'manual'
      marks = kept?.marks ?? [mark]
      index = kept?.index ?? 0
      if (!kept && own) history.replaceState(state(), '', mark.address || location.pathname + location.search)
      void settle()
    },
    kept: () => ({ marks, index }),
    /** The entry that the browser stands at, where it is one of those kept. */
    found(marks: Mark[]): number | null {
      const now: unknown = own ? history.state : null
      return isMine(now) && marks[now.index]?.step === now.step ? now.index : null
    },
    /** Goes on: what stands over the page goes with it. */
    push: (mark: Mark) =>
      inTurn(async () => {
        const standing = overAt(index)
        overs = []
        if (standing > 1) await traverse(1 - standing)
        // Nobody goes back to the same place.
        const again = marks[index].address === mark.address
        write(mark, standing > 0 || again ? 'replace' : 'push')
        if (standing > 0 && marks[index - 1].address === mark.address) {
          await traverse(-1)
          write(mark, 'replace')
        }
      }),
    replace: (mark: Mark) =>
      inTurn(async () => {
        overs = []
        await traverse(-overAt(index))
        if (index > 0 && marks[index - 1].address === mark.address) await traverse(-1)
        write(mark, 'replace')
      }),
    /** Goes back to the last entry of a step; false where there is none before this one. */
    backTo: (step: number) =>
      inTurn(async () => {
        const here = index - overAt(index)
        const at = marks.map((mark, i) => i < here && mark.step === step && !mark.over).lastIndexOf(true)
        if (at < 0) return false
        overs = []
        await traverse(at - index)
        return true
      }),
    /** All begins anew at the first entry. */
    restart: (mark: Mark) =>
      inTurn(async () => {
        overs = []
        await traverse(-index)
        marks = [mark]
        write(mark, 'replace')
      }),
    /** Something stands over the page: going back closes it first. */
    over(close: () => void) {
      overs.push(close)
      return inTurn(() => {
        if (overs.includes(close)) write({ ...marks[index], over: true }, 'push')
      })
    },
    /** It is closed. */
    down(close: () => void) {
      overs = overs.filter((one) => one !== close)
      return settle()
    },
    /** Closes what stands on top; false where nothing does. */
    closeTop(): boolean {
      const close = overs.at(-1)
      close?.()
      return close !== undefined
    },
    /** All that the browser was told is done. */
    settled: () => inTurn(() => undefined),
    listen: () => own && window.addEventListener('popstate', popped),
    deafen: () => window.removeEventListener('popstate', popped),
  }
}
