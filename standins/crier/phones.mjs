// The made-up phones of Crier and what lies on them. All is written down line by line, so that a Crier that is begun again knows it still.

import { createECDH, randomBytes, randomUUID } from 'node:crypto'
import { appendFileSync, existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs'

/** Notifications that lie on one phone; the oldest goes. */
const MOST = 100

/** Phones that are known; the one that was made first goes. */
const PHONES = 20_000

/** Bytes at which what was written down is written anew, without what is gone. */
const LONG = 20_000_000

export class Phones {
  #file
  #phones = new Map()
  #written = 0
  #waiting = []

  constructor(folder) {
    mkdirSync(folder, { recursive: true, mode: 0o700 })
    this.#file = `${folder}/crier.jsonl`
    if (!existsSync(this.#file)) return
    for (const line of readFileSync(this.#file, 'utf8').split('\n')) {
      try {
        if (line !== '') this.#apply(JSON.parse(line))
      } catch {
        // A line that was not finished when Crier ended is left out.
      }
    }
    this.#anew()
  }

  /** A phone of one kind in a box; one for web apps has the keys that its browser would have. */
  make(box, kind, server) {
    const phone = { id: kind === 'ios' ? randomBytes(32).toString('hex') : randomUUID(), box, kind, notifications: [], shown: [] }
    if (kind === 'web') {
      const pair = createECDH('prime256v1')
      pair.generateKeys()
      phone.server = server
      phone.private = pair.getPrivateKey('base64url')
      phone.p256dh = pair.getPublicKey('base64url')
      phone.auth = randomBytes(16).toString('base64url')
    }
    this.#write({ do: 'make', phone })
    return phone
  }

  of(id) {
    return this.#phones.get(id) ?? null
  }

  inBox(box) {
    return [...this.#phones.values()].filter((phone) => phone.box === box)
  }

  /** How many phones in a box have how many messages on them. */
  counts(box) {
    const counts = {}
    for (const phone of this.inBox(box)) counts[phone.notifications.length] = (counts[phone.notifications.length] ?? 0) + 1
    return counts
  }

  /** Shows a message; one that came before is not shown again, one that replaces another takes its place. */
  show(phone, told) {
    if (phone.shown.includes(told.id)) return false
    this.#write({ do: 'show', phone: phone.id, told: { ...told, at: Date.now() } })
    return true
  }

  /** It was tapped or swiped away. */
  take(phone, id) {
    this.#write({ do: 'take', phone: phone.id, id })
  }

  /** The app was removed from it. */
  remove(phone) {
    this.#write({ do: 'remove', phone: phone.id })
  }

  #write(line) {
    this.#apply(line)
    this.#waiting.push(JSON.stringify(line))
    if (this.#waiting.length === 1) setImmediate(() => this.#flush())
  }

  #flush() {
    const lines = `${this.#waiting.join('\n')}\n`
    this.#waiting = []
    this.#written += lines.length
    appendFileSync(this.#file, lines, { mode: 0o600 })
    if (this.#written > LONG) this.#anew()
  }

  #anew() {
    const lines = [...this.#phones.values()].map((phone) => JSON.stringify({ do: 'make', phone }))
    writeFileSync(`${this.#file}.new`, lines.length === 0 ? '' : `${lines.join('\n')}\n`, { mode: 0o600 })
    renameSync(`${this.#file}.new`, this.#file)
    this.#written = 0
  }

  #apply(line) {
    if (line.do === 'make') {
      this.#phones.set(line.phone.id, line.phone)
      if (this.#phones.size > PHONES) this.#phones.delete(this.#phones.keys().next().value)
      return
    }
    const phone = this.#phones.get(line.phone)
    if (phone === undefined) return
    if (line.do === 'remove') this.#phones.delete(line.phone)
    if (line.do === 'take') phone.notifications = phone.notifications.filter((one) => one.id !== line.id)
    if (line.do === 'show') {
      phone.shown = [...phone.shown, line.told.id].slice(-MOST)
      const others = phone.notifications.filter((one) => line.told.replaces === '' || one.replaces !== line.told.replaces)
      phone.notifications = [...others, line.told].slice(-MOST)
    }
  }
}
