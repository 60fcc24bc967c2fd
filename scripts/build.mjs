// Builds the server and the pages (Nuxt) and the program of the reader's threads (esbuild).
import { buildApp } from './lib/build.mjs'

await buildApp({ quiet: false })
