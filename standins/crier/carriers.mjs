// The three ways to a phone, as their carriers answer. The push service of browsers is by RFC 8030, 8291 and 8292; the two of the phones' makers are spoken as
// their makers publish it (from memory).

import { createHash } from 'node:crypto'
import { opened, point, token } from './keys.mjs'

/** Bytes of a message. */
const LARGEST = 4096

const DAY = 86_400

const said = (status, body = null, headers = {}) => ({ status, body, headers })

const now = () => Math.floor(Date.now() / 1000)

/** An app on a browser: POST /push/ID */
export function web(phones, asked) {
  const phone = phones.of(asked.path[1] ?? '')
  if (phone === null || phone.kind !== 'web') return said(410, { reason: 'This subscription is gone.' })
  const found = /^vapid t=([^,\s]+),\s*k=([A-Za-z0-9_-]+)$/.exec(asked.headers.authorization ?? '')
  const key = found === null ? null : point(found[2])
  const proof = key === null ? null : token(found[1], key)
  if (proof === null) return said(401, { reason: 'Nobody has signed for this.' })
  const { aud, exp, sub } = proof.says
  if (found[2] !== phone.server) return said(403, { reason: 'This subscription was made for another server.' })
  const isNow = typeof exp === 'number' && exp > now() && exp <= now() + DAY + 60
  if (aud !== asked.origin || !isNow) return said(403, { reason: 'The token is for somebody else, or too old.' })
  if (!/^(mailto:|https:)/.test(sub ?? '')) return said(403, { reason: 'The token does not say whom to write to.' })
  if (!/^\d+$/.test(asked.headers.ttl ?? '')) return said(400, { reason: 'TTL is missing.' })
  if (asked.body.length > LARGEST) return said(413, { reason: 'The message is too large.' })
  if (asked.headers['content-encoding'] !== 'aes128gcm') return said(415, { reason: 'The message is not sealed.' })
  if (!/^[A-Za-z0-9_-]{0,32}$/.test(asked.headers.topic ?? '')) return said(400, { reason: 'The topic cannot be read.' })
  let told
  try {
    told = JSON.parse(opened(phone, asked.body))
  } catch {
    // A browser that cannot open it shows nothing; the push service does not know.
    return said(201, null, { location: `${asked.origin}/crier/said/unreadable` })
  }
  const replaces = asked.headers.topic ?? ''
  const { id, title, body: text = '', image: picture = '', data = {} } = told
  phones.show(phone, { id, title, text, picture, data, silent: told.silent === true, replaces })
  return said(201, null, { location: `${asked.origin}/crier/said/${createHash('sha256').update(String(told.id)).digest('hex').slice(0, 16)}` })
}

/** Access by a signed assertion (RFC 7523): POST /android/token */
export function access(keys, asked) {
  const form = new URLSearchParams(asked.body.toString('utf8'))
  const proof = token(form.get('assertion') ?? '', keys.android)
  const isGood = form.get('grant_type') === 'urn:ietf:params:oauth:grant-type:jwt-bearer' && proof !== null && proof.says.exp > now()
  return isGood ? said(200, { access_token: keys.access(now()), token_type: 'Bearer', expires_in: 3600 }) : said(400, { error: 'invalid_grant' })
}

/** An app on Android: POST /android/v1/projects/PROJECT/messages:send */
export function android(phones, keys, asked) {
  const fault = (code, status) => said(code, { error: { code, status } })
  if (!keys.isAccess((asked.headers.authorization ?? '').replace(/^Bearer /, ''), now())) return fault(401, 'UNAUTHENTICATED')
  let message
  try {
    message = JSON.parse(asked.body.toString('utf8')).message
  } catch {
    return fault(400, 'INVALID_ARGUMENT')
  }
  if (typeof message?.token !== 'string' || asked.body.length > LARGEST + 512) return fault(400, 'INVALID_ARGUMENT')
  const phone = phones.of(message.token)
  if (phone === null || phone.kind !== 'android') return fault(404, 'UNREGISTERED')
  const data = message.data ?? {}
  if (Object.values(data).some((value) => typeof value !== 'string')) return fault(400, 'INVALID_ARGUMENT')
  const replaces = message.android?.collapse_key ?? ''
  const { title = '', body = '', image = '' } = message.notification ?? {}
  phones.show(phone, { id: data.id ?? '', title, text: body, picture: image, data: JSON.parse(data.open ?? '{}'), silent: data.silent === '1', replaces })
  return said(200, { name: `projects/practice/messages/${data.id}` })
}

/** An app on iOS: POST /3/device/TOKEN, by HTTP/2 alone */
export function ios(phones, keys, asked) {
  const fault = (status, reason) => said(status, { reason })
  if (!asked.isSecond) return fault(505, 'This is spoken by HTTP/2 alone.')
  const proof = token((asked.headers.authorization ?? '').replace(/^bearer /, ''), keys.ios)
  if (proof === null || proof.head.kid === undefined || proof.says.iss === undefined) return fault(403, 'InvalidProviderToken')
  if (proof.says.iat < now() - 3600 || proof.says.iat > now() + 60) return fault(403, 'ExpiredProviderToken')
  const id = asked.headers['apns-id']
  if (id !== undefined && !/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/.test(id)) return fault(400, 'BadMessageId')
  if (!asked.headers['apns-topic']) return fault(400, 'MissingTopic')
  if ((asked.headers['apns-collapse-id'] ?? '').length > 64) return fault(400, 'BadCollapseId')
  if (asked.body.length > LARGEST) return fault(413, 'PayloadTooLarge')
  const phone = phones.of(asked.path[2] ?? '')
  if (phone === null || phone.kind !== 'ios') return fault(410, 'Unregistered')
  let told
  try {
    told = JSON.parse(asked.body.toString('utf8'))
  } catch {
    return fault(400, 'PayloadEmpty')
  }
  const expires = Number(asked.headers['apns-expiration'] ?? 0)
  if (expires !== 0 && expires < now()) return said(200, null, { 'apns-id': id ?? '' })
  const replaces = asked.headers['apns-collapse-id'] ?? ''
  const { alert = {}, sound } = told.aps ?? {}
  const { title = '', body: text = '' } = alert
  phones.show(phone, { id: id ?? '', title, text, picture: told.image ?? '', data: told.open ?? {}, silent: sound === undefined, replaces })
  return said(200, null, { 'apns-id': id ?? '' })
}
