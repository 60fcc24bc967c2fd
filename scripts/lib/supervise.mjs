// Keeps a part of Hembix running: says how it ended and what it said last, and starts it again after a pause that
// grows.

import { fail } from './run.mjs'

const WINDOW_MS = 10 * 60_000
const MOST_RESTARTS = 5
const FIRST_PAUSE_MS = 500
const LAST_WORDS_LINES = 15
const NOT_STARTED = { ended: Promise.resolve({ code: null, signal: null }), words: () => '', stop: () => {} }

/**
 * `start` gives `{ ended, words, stop }`: `ended` is settled with `{ code, signal }` when the part ends. `onUp` hears
 * of each one that runs. Settles when `isStopping` says so; fails when the part ended more than five times in ten
 * minutes.
 */
export async function supervise({
  name,
  first,
  start,
  onUp = () => {},
  isStopping,
  log,
  now = Date.now,
  pause = wait,
}) {
  let part = first
  let restarts = []
  for (;;) {
    const how = await part.ended
    if (isStopping()) return
    log(`${name} ended (${howEnded(how)})`)
    for (const line of lastLines(part.words())) log(`  ${line}`)
    restarts = restarts.filter(at => now() - at < WINDOW_MS)
    if (restarts.length >= MOST_RESTARTS)
      fail(
        `${name} ended ${MOST_RESTARTS + 1} times in ten minutes. Its last words stand above; start Hembix ` +
          'again with "npm start" when the cause is mended.',
      )
    const pauseMs = FIRST_PAUSE_MS * 2 ** restarts.length
    restarts.push(now())
    log(`${name} is started again in ${pauseMs / 1000} s (${restarts.length} of ${MOST_RESTARTS})`)
    await pause(pauseMs)
    if (isStopping()) return
    try {
      part = await start()
      onUp(part)
      log(`${name} runs again`)
    } catch (error) {
      if (isStopping()) return
      log(`${name} did not start: ${error.message}`)
      part = NOT_STARTED
    }
  }
}

export function howEnded({ code, signal }) {
  if (signal) return `signal ${signal}`
  return code === null || code === undefined ? 'without a word' : `exit code ${code}`
}

function lastLines(words) {
  return words
    .trim()
    .split('\n')
    .filter(line => line !== '')
    .slice(-LAST_WORDS_LINES)
}

function wait(ms) {
  return new Promise(resolve => setTimeout(resolve, ms))
}
