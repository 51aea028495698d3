// The parts of speech that wink-nlp (MIT) gives the words of sentences: a JSON list of sentences comes in, for each a list of [word, part] goes out,
// with the parts of the Universal Dependencies (universaldependencies.org/u/pos).
import { readFileSync } from 'node:fs'
import model from 'wink-eng-lite-web-model'
import wink from 'wink-nlp'

const nlp = wink(model, ['sbd', 'pos'])
const sentences = JSON.parse(readFileSync(0, 'utf8'))
const tagged = sentences.map((sentence) => {
  const tokens = nlp.readDoc(sentence).tokens()
  const parts = tokens.out(nlp.its.pos)
  return tokens.out().map((word, i) => [word, parts[i]])
})
process.stdout.write(JSON.stringify(tagged))
