import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

/** A program beside the server, built by scripts/lib/build.mjs; HEMBIX_WORKERS names another folder. */
export function programFile(name: string): string {
  const folders = [
    process.env.HEMBIX_WORKERS,
    join(process.cwd(), '.output', 'workers'),
    fileURLToPath(new URL('../../workers', import.meta.url)),
  ]
  for (const folder of folders) {
    const file = folder ? join(folder, name) : ''
    if (file !== '' && existsSync(file)) return file
  }
  throw new Error('The program that reads documents was not built. Run "npm run build".')
}
