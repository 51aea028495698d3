// Signatures of messages checked by the npm package “http-message-signatures”; on the input a list of requests, each with its headers, and the key.
import { createHmac, timingSafeEqual } from 'node:crypto'
import { httpbis } from 'http-message-signatures'
let read = ''
for await (const part of process.stdin) read += part
const { key, requests } = JSON.parse(read)
const told = []
for (const request of requests) {
  const verify = async (data, signature) => timingSafeEqual(createHmac('sha256', key).update(data).digest(), signature)
  const lookup = async ({ keyid }) => ({ id: keyid, algs: ['hmac-sha256'], verify })
  told.push(await httpbis.verifyMessage({ keyLookup: lookup, tolerance: 1e9, notAfter: new Date('2999-01-01') }, request).catch(() => false))
}
process.stdout.write(JSON.stringify(told))
