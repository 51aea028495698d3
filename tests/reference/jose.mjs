// A second opinion on ID tokens: which of them the jose library takes. Reads JSON from standard input, writes JSON.
import { createLocalJWKSet, jwtVerify } from 'jose'
import { readFileSync } from 'node:fs'

const { keys, tokens, issuer, audience, tolerance, oldest } = JSON.parse(readFileSync(0, 'utf8'))
const set = createLocalJWKSet(keys)
const taken = {}
for (const [name, token] of Object.entries(tokens)) {
  const rules = {
    issuer,
    audience,
    algorithms: ['RS256', 'ES256', 'EdDSA'],
    clockTolerance: tolerance,
    maxTokenAge: oldest,
    requiredClaims: ['sub', 'exp', 'iat', 'nonce'],
  }
  taken[name] = await jwtVerify(token, set, rules).then(() => true, () => false)
}
console.log(JSON.stringify(taken))
