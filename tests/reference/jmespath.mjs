// What the npm package jmespath finds at each way in each answer. Reads [[way, json], ...] from standard input, writes a list.
import { readFileSync } from 'node:fs'
import jmespath from 'jmespath'

console.log(JSON.stringify(JSON.parse(readFileSync(0, 'utf8')).map(([way, json]) => jmespath.search(json, way))))
