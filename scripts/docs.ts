// npm run docs: what of the docs is made from the code.
import { readFileSync, writeFileSync } from 'node:fs'
import { withCommandTable } from '../contract/commandTable'

const PATH = 'docs/api.md'
writeFileSync(PATH, withCommandTable(readFileSync(PATH, 'utf8')))
