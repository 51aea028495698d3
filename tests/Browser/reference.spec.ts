import { execFileSync } from 'node:child_process'
import { expect, test } from './test'
import semver from 'semver'

/** Numbers that follow from a seed (a linear congruential generator), so that a failure can be repeated. */
function seeded(seed: number): () => number {
  return () => (seed = (seed * 1103515245 + 12345) % 2147483648) / 2147483648
}

test('versions are ordered as the semver package of the npm registry orders them', () => {
  const next = seeded(20261123)
  const pick = <T>(of: T[]): T => of[Math.floor(next() * of.length)]
  const part = () => pick(['0', '1', '2', '10', '11'])
  const before = () => pick(['', '', '-alpha', '-alpha.1', '-alpha.beta', '-beta.2', '-beta.11', '-rc.1', '-0', '-1.a', '-a-b'])
  const version = () => `${part()}.${part()}.${part()}${before()}${pick(['', '+build.5', '+7'])}`
  const pairs = Array.from({ length: 500 }, () => [version(), version()])
  const php = `require 'vendor/autoload.php'; use Lanai\\Core\\Release\\SemanticVersion as V;
    echo json_encode(array_map(fn ($p) => V::tryOf($p[0])->compare(V::tryOf($p[1])) <=> 0, json_decode(stream_get_contents(STDIN), true)));`
  const ours = JSON.parse(execFileSync('php', ['-r', php], { input: JSON.stringify(pairs) }).toString())
  expect(ours).toEqual(pairs.map(([a, b]) => semver.compare(a, b)))
})
