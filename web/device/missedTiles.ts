/** Milliseconds until those that did not come are asked for again: longer each time, and at once when the phone is online again. */
const FIRST = 2000
const MOST = 15_000

/** The tiles in sight that did not come. They are asked for again until they are there or out of sight. @param told whether any is missing */
export function missedTiles(told: (any: boolean) => void) {
  const missing = new Set<HTMLImageElement>()
  let pause = FIRST
  let timer = 0

  function again() {
    clearTimeout(timer)
    timer = 0
    pause = Math.min(MOST, pause * 2)
    for (const tile of missing) tile.src = String(tile.src)
  }
  addEventListener('online', again)

  function no(tile: HTMLImageElement) {
    missing.delete(tile)
    if (!missing.size) {
      clearTimeout(timer)
      timer = 0
    }
    told(missing.size > 0)
  }

  return {
    failed(tile: HTMLImageElement) {
      missing.add(tile)
      timer ||= window.setTimeout(again, pause)
      told(true)
    },
    came(tile: HTMLImageElement) {
      no(tile)
      // Whoever draws them answers again: the others need not wait for as long as they would have.
      if (timer && pause > FIRST) {
        clearTimeout(timer)
        timer = window.setTimeout(again, FIRST)
      }
      pause = FIRST
    },
    gone: no,
    end() {
      clearTimeout(timer)
      removeEventListener('online', again)
      missing.clear()
    },
  }
}
