// Crier, for practice: carries messages to made-up phones, as the carriers of browsers and of the phones' makers do.
// node standins/crier/crier.mjs PORT [FOLDER]

import { execFileSync } from 'node:child_process'
import { createHash, createHmac, createPublicKey, generateKeyPairSync } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import http from 'node:http'
import http2 from 'node:http2'
import net from 'node:net'
import { dirname } from 'node:path'
import { fileURLToPath } from 'node:url'
import { access, android, ios, web } from './carriers.mjs'
import { page } from './page.mjs'
import { Phones } from './phones.mjs'
import { Switches } from './switches.mjs'

const port = Number(process.argv[2] ?? 8003)
const here = dirname(fileURLToPath(import.meta.url))
const folder = process.argv[3] ?? process.env.LANAI_STANDINS_FOLDER ?? `${here}/../../storage/standins`
const secret = process.env.LANAI_STANDIN_TOKEN ?? ''
const phones = new Phones(folder)
const switches = new Switches(folder)

/** Bytes of a request. */
const LARGEST = 65_536

/** A key as its maker gives it to a founder, who keeps it: it is made at the first start, and lies where Lanai finds it. */
function deposited(carrier) {
  const file = `${folder}/crier-${carrier}.pem`
  if (!existsSync(file)) {
    mkdirSync(folder, { recursive: true, mode: 0o700 })
    const { privateKey } = generateKeyPairSync('ec', { namedCurve: 'prime256v1' })
    writeFileSync(file, privateKey.export({ type: 'pkcs8', format: 'pem' }), { mode: 0o600 })
  }
  return createPublicKey(readFileSync(file))
}

/** The keys that were deposited with the carriers, and what they give for them: a pass that is good for an hour. */
const pass = (hour) => createHmac('sha256', `pass ${secret}`).update(String(hour)).digest('base64url')
const keys = {
  android: deposited('android'),
  ios: deposited('ios'),
  access: (now) => pass(Math.floor(now / 3600)),
  isAccess: (shown, now) => [0, 1].some((ago) => shown === pass(Math.floor(now / 3600) - ago)),
}

/** Only the key of a box opens it; its name can be told to anybody. */
function boxOf(asked) {
  const key = asked.query.get('key') ?? asked.headers['x-practice-key'] ?? ''
  const name = asked.headers['x-practice-box'] ?? ''
  const isKey = /^[0-9a-f]{64}$/.test(key)
  return { key: isKey ? key : '', name: isKey ? createHash('sha256').update(key).digest('hex').slice(0, 32) : /^[0-9a-f]{32}$/.test(name) ? name : '' }
}

const said = (status, body = null, headers = {}) => ({ status, body, headers })

const shown = (phone) => ({
  id: phone.id,
  kind: phone.kind,
  ...(phone.kind === 'web' ? { p256dh: phone.p256dh, auth: phone.auth } : {}),
  notifications: phone.notifications,
})

/** What the desk of a founder asks: phones are made, looked at and taken away, and messages on them tapped. */
function desk(asked, box) {
  const [, id, what, which] = asked.path
  if (box.name === '') return said(401, { detail: 'This desk opens only with a key. The studio of Lanai leads to it.' })
  if (asked.method === 'POST' && id === undefined) {
    const form = JSON.parse(asked.body.toString('utf8') || '{}')
    if (!['web', 'android', 'ios'].includes(form.kind)) return said(422, { detail: 'A phone is for web, android or ios.' })
    return said(201, shown(phones.make(box.name, form.kind, form.server ?? '')))
  }
  const phone = id === undefined ? null : phones.of(id)
  if (id === undefined) return said(200, { counts: phones.counts(box.name), phones: phones.inBox(box.name).slice(-50).map(shown) })
  if (phone === null || phone.box !== box.name) return said(404, { detail: 'This phone is not there.' })
  if (asked.method === 'GET') return said(200, shown(phone))
  if (asked.method === 'DELETE' && what === undefined) return phones.remove(phone), said(204)
  if (asked.method === 'DELETE' && what === 'said') return phones.take(phone, decodeURIComponent(which ?? '')), said(204)
  return said(405, { detail: 'That is not done here.' })
}

function answered(asked) {
  const [first, second] = asked.path
  if (first === '3' && second === 'device' && asked.method === 'POST') return ios(phones, keys, asked)
  if (first === 'push' && asked.method === 'POST') return web(phones, asked)
  if (first === 'android' && second === 'token' && asked.method === 'POST') return access(keys, asked)
  if (first === 'android' && asked.method === 'POST') return android(phones, keys, asked)
  return said(404, { detail: 'There is nothing here.' })
}

/** The box of whose phone is written to: as its founder has arranged it, so the carrier answers. */
function boxWritten(asked) {
  const [first, second, third] = asked.path
  const named = first === 'push' ? second : first === '3' ? third : ''
  if (named !== '') return phones.of(named ?? '')?.box ?? ''
  const found = /"token":"([^"]{1,80})"/.exec(asked.body.toString('utf8'))
  return found === null ? '' : (phones.of(found[1])?.box ?? '')
}

async function answer(asked) {
  if (asked.path[0] !== 'crier') return said(404, { detail: 'There is nothing here.' })
  asked.path = asked.path.slice(1)
  const box = boxOf(asked)
  if (asked.path[0] === 'phones') return desk(asked, box)
  if (asked.path[0] === undefined || asked.path[0] === 'switches') return page(asked, box, switches, phones)
  const whose = boxWritten(asked)
  const wrong = whose === '' ? null : await switches.wrong(whose)
  return wrong ?? answered(asked)
}

function take(request, response) {
  const parts = []
  let size = 0
  request.on('data', (bytes) => {
    size += bytes.length
    if (size <= LARGEST) parts.push(bytes)
  })
  request.on('error', () => {})
  request.on('end', async () => {
    let told
    try {
      const host = request.headers[':authority'] ?? request.headers.host ?? `127.0.0.1:${port}`
      const isSealed = (request.stream?.session ?? request.socket).encrypted === true
      const url = new URL(request.url, `${isSealed ? 'https' : 'http'}://${host}`)
      const path = url.pathname.split('/').filter((part) => part !== '')
      const isSecond = request.httpVersionMajor === 2
      const { method, headers } = request
      const asked = { method, path, query: url.searchParams, headers, body: Buffer.concat(parts), origin: url.origin, isSecond }
      told = size > LARGEST ? said(413, { detail: 'This is too long.' }) : await answer(asked)
    } catch {
      told = said(400, { detail: 'This cannot be read.' })
    }
    if (told.status === 0) return void (request.stream ?? request.socket).destroy()
    const text = told.body === null ? '' : typeof told.body === 'string' ? told.body : JSON.stringify(told.body)
    response.writeHead(told.status, { 'content-type': 'application/json', ...told.headers })
    response.end(text)
  })
}

const first = http.createServer(take)
execFileSync('php', [`${here}/../certificate.php`, folder])
const sealed = { key: readFileSync(`${folder}/crier.key`), cert: readFileSync(`${folder}/crier.crt`) }
const second = http2.createSecureServer({ ...sealed, allowHTTP1: true, settings: { maxConcurrentStreams: 500 } }, take)
second.on('sessionError', () => {})
second.on('tlsClientError', () => {})
/** Whoever begins with a handshake of TLS (RFC 8446, section 5.1: a record of kind 22) speaks HTTP/2 in it; the desk is read without. */
const HANDSHAKE = 22
net
  .createServer((socket) => {
    socket.on('error', () => {})
    socket.once('data', (begins) => {
      socket.pause()
      socket.unshift(begins)
      const server = begins[0] === HANDSHAKE ? second : first
      server.emit('connection', socket)
      process.nextTick(() => socket.resume())
    })
  })
  .listen(port, '127.0.0.1')
