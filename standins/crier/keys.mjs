// What carriers check and browsers open: tokens of RFC 7519 signed with ES256 or RS256, and messages sealed by RFC 8291.

import { createDecipheriv, createECDH, createPublicKey, hkdfSync, verify } from 'node:crypto'

const read = (part) => JSON.parse(Buffer.from(part, 'base64url').toString('utf8'))

/** What a signed token says; null where it is not whole, or its key did not sign it. */
export function token(written, key) {
  const parts = String(written).split('.')
  if (parts.length !== 3) return null
  try {
    const head = read(parts[0])
    const signed = Buffer.from(`${parts[0]}.${parts[1]}`)
    const seal = Buffer.from(parts[2], 'base64url')
    const isGood = head.alg === 'ES256'
      ? verify('sha256', signed, { key, dsaEncoding: 'ieee-p1363' }, seal)
      : head.alg === 'RS256' && verify('sha256', signed, key, seal)
    return isGood ? { head, says: read(parts[1]) } : null
  } catch {
    return null
  }
}

/** The key of a server as RFC 8292 shows it: an uncompressed point of P-256. */
export function point(written) {
  const bytes = Buffer.from(written, 'base64url')
  if (bytes.length !== 65 || bytes[0] !== 4) return null
  const jwk = { kty: 'EC', crv: 'P-256', x: bytes.subarray(1, 33).toString('base64url'), y: bytes.subarray(33).toString('base64url') }
  return createPublicKey({ key: jwk, format: 'jwk' })
}

/** RFC 8291 upon RFC 8188, one record; what does not open throws. */
export function opened(phone, body) {
  const salt = body.subarray(0, 16)
  const size = body.readUInt32BE(16)
  const length = body.readUInt8(20)
  const theirs = body.subarray(21, 21 + length)
  const sealed = body.subarray(21 + length)
  if (size < 18 || sealed.length > size) throw new Error('More than one record.')
  const pair = createECDH('prime256v1')
  pair.setPrivateKey(Buffer.from(phone.private, 'base64url'))
  const shared = pair.computeSecret(theirs)
  const info = Buffer.concat([Buffer.from('WebPush: info\0'), pair.getPublicKey(), theirs])
  const material = Buffer.from(hkdfSync('sha256', shared, Buffer.from(phone.auth, 'base64url'), info, 32))
  const key = Buffer.from(hkdfSync('sha256', material, salt, 'Content-Encoding: aes128gcm\0', 16))
  const nonce = Buffer.from(hkdfSync('sha256', material, salt, 'Content-Encoding: nonce\0', 12))
  const cipher = createDecipheriv('aes-128-gcm', key, nonce)
  cipher.setAuthTag(sealed.subarray(-16))
  const padded = Buffer.concat([cipher.update(sealed.subarray(0, -16)), cipher.final()])
  const end = padded.lastIndexOf(2)
  if (end < 0 || padded.subarray(end + 1).some((byte) => byte !== 0)) throw new Error('Not padded as it must be.')
  return padded.subarray(0, end).toString('utf8')
}
