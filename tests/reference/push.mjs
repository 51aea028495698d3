// Opens messages as RFC 8291 seals them, and checks who sent them as RFC 8292 asks, with http_ece and jose; prints how many were right.

import assert from 'node:assert'
import crypto from 'node:crypto'
import { readFileSync } from 'node:fs'
import ece from 'http_ece'
import { importJWK, jwtVerify } from 'jose'

const { server, messages } = JSON.parse(readFileSync(0, 'utf8'))
const point = Buffer.from(server, 'base64url')
const jwk = { kty: 'EC', crv: 'P-256', x: point.subarray(1, 33).toString('base64url'), y: point.subarray(33).toString('base64url') }
const key = await importJWK(jwk, 'ES256')
let right = 0
for (const one of messages) {
  const browser = crypto.createECDH('prime256v1')
  browser.setPrivateKey(Buffer.from(one.private, 'base64url'))
  assert.equal(browser.getPublicKey().toString('base64url'), one.public)
  const told = JSON.parse(ece.decrypt(Buffer.from(one.body, 'base64'), { version: 'aes128gcm', privateKey: browser, authSecret: one.auth }).toString('utf8'))
  assert.equal(told.title, one.title)
  assert.equal(told.body, one.text)
  assert.deepEqual(told.data.args, one.args)
  const [, token, shown] = /^vapid t=([^,]+), k=(.+)$/.exec(one.authorization)
  assert.equal(shown, server)
  const { payload } = await jwtVerify(token, key, { audience: 'https://push.example', algorithms: ['ES256'] })
  assert.ok(payload.exp - Date.now() / 1000 <= 86_400 && /^mailto:/.test(payload.sub))
  right++
}
console.log(right)
