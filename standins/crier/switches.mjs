// How a founder has arranged that Crier answers, in the same files as for the other stand-ins.

import { readFileSync, renameSync, writeFileSync } from 'node:fs'
import { setTimeout } from 'node:timers/promises'

export const MODES = {
  '': 'as it should',
  slow: 'slowly, after six seconds',
  401: 'that it does not know the key (401)',
  429: 'that it was asked too often (429)',
  500: 'with a fault of its own (500)',
  cut: 'and breaks off half-way',
  malformed: 'with broken JSON',
  html: 'with a page instead of JSON',
}

const SLOW = 6000

export class Switches {
  #folder
  #counts = new Map()

  constructor(folder) {
    this.#folder = folder
  }

  #file(box) {
    return `${this.#folder}/crier-${box.slice(0, 12)}.json`
  }

  state(box) {
    let kept = {}
    try {
      kept = JSON.parse(readFileSync(this.#file(box), 'utf8'))
    } catch {
      // Nothing was arranged yet.
    }
    return { mode: '', away: 0, ...kept, calls: this.#counts.get(box) ?? 0 }
  }

  turn(box, mode) {
    writeFileSync(`${this.#file(box)}.new`, JSON.stringify({ mode: mode in MODES ? mode : '', calls: 0, away: 0 }), { mode: 0o600 })
    renameSync(`${this.#file(box)}.new`, this.#file(box))
  }

  /** What goes wrong by arrangement; null where nothing does. Status 0: the connection is cut. */
  async wrong(box) {
    this.#counts.set(box, (this.#counts.get(box) ?? 0) + 1)
    const { mode } = this.state(box)
    if (mode === 'slow') await setTimeout(SLOW)
    return {
      401: { status: 401, body: { reason: 'This key is not known.' }, headers: {} },
      429: { status: 429, body: { reason: 'Please slow down.' }, headers: { 'retry-after': '20' } },
      500: { status: 500, body: { reason: 'Something broke here.' }, headers: {} },
      cut: { status: 0, body: null, headers: {} },
      malformed: { status: 200, body: '{"name":', headers: {} },
      html: { status: 200, body: '<!doctype html><title>Sign in</title>', headers: { 'content-type': 'text/html' } },
    }[mode] ?? null
  }
}
