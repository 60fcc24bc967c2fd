import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { fail, ROOT } from './run.mjs'
import { howEnded } from './supervise.mjs'

const START_MS = 30_000

/** Starts the built server and waits until it answers. */
export async function serve({ port, host = '127.0.0.1', databaseUrl, env = {}, quiet = false }) {
  const child = spawn(process.execPath, ['--enable-source-maps', join(ROOT, '.output', 'server', 'index.mjs')], {
    cwd: ROOT,
    detached: true, // Ctrl+C goes to us, and we end things in order
    env: {
      ...process.env,
      NODE_ENV: 'production',
      ...env,
      HOST: host,
      PORT: String(port),
      NITRO_HOST: host,
      NITRO_PORT: String(port),
      DATABASE_URL: databaseUrl,
      HEMBIX_WORKERS: join(ROOT, '.output', 'workers'),
    },
    stdio: ['ignore', 'ignore', 'pipe', 'ipc'], // when we are killed, the channel closes and the server ends as well
  })
  let words = ''
  child.stderr.on('data', part => {
    words = (words + part).slice(-20_000)
    if (!quiet) process.stderr.write(process.stderr.isTTY ? forPeople(String(part)) : part)
  })
  const ended = new Promise(resolve => child.on('exit', (code, signal) => resolve({ code, signal })))
  const address = `http://${host === '0.0.0.0' || host === '::' ? '127.0.0.1' : host}:${port}`
  const until = Date.now() + START_MS
  while (Date.now() < until) {
    if (child.exitCode !== null || child.signalCode !== null)
      fail(
        `The server ended while starting (${howEnded({ code: child.exitCode, signal: child.signalCode })}).\n${words}`,
      )
    const answer = await fetch(`${address}/api/health`).catch(() => null) // not listening yet
    if (answer?.ok) return { address, child, ended, words: () => words, stop: () => stop(child, ended) }
    await new Promise(resolve => setTimeout(resolve, 60))
  }
  await stop(child, ended)
  return fail(`The server did not answer within ${START_MS / 1000} seconds.\n${words}`)
}

/** Lines of the log as a person reads them; programs get them as they are. */
function forPeople(text) {
  return text.replace(/^\{.*\}$/gm, line => {
    try {
      const { message, requestId, level, ...more } = JSON.parse(line)
      delete more.time
      return `${level === 'info' ? '' : `${level}: `}${message}${
        requestId ? ` (request ${requestId})` : ''
      }${Object.keys(more).length > 0 ? ` ${JSON.stringify(more)}` : ''}`
    } catch {
      return line // no line of the log
    }
  })
}

async function stop(child, ended) {
  if (child.exitCode !== null || child.signalCode !== null) return
  child.kill('SIGTERM')
  const timer = setTimeout(() => child.kill('SIGKILL'), 8000)
  await ended
  clearTimeout(timer)
}
