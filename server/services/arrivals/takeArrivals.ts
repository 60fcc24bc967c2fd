// The arrivals folder on the server's disk: in it one folder for each account, called by its address. What
// is moved in there is taken into the In-tray once, completely, and only when it is fully written.

import { createReadStream } from 'node:fs'
import { link, mkdir, readdir, readFile, rm, stat, writeFile } from 'node:fs/promises'
import { basename, join, parse } from 'node:path'
import { v5 } from 'uuid'
import { HembixError } from '../../../core/errors'
import type { DocumentId } from '../../../core/ids'
import { actorByEmail } from '../../db/sql/actors'
import { laidAside } from '../../db/models/laidAside'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { addUpload } from '../documents/addUpload'
import { mailArrival } from './mailArrival'
import type { OpenMail } from './takeIn'
import { takeIn } from './takeIn'

const ARRIVALS = '0b8f3c1e-6a52-4c1d-8a44-6f5f2f4de1c7'
const REFUSED = 'refused'
/** A file that grew or was touched within this time is still being written. */
const SETTLED_MS = 1500
const MAIL_LIMIT_BYTES = 64 * 1024 * 1024

/** Size and time of each file as they were last seen. */
export type Seen = Map<string, string>

/** Takes what is complete; how many files. `seen` is kept from one call to the next. */
export async function takeArrivals(root: string, seen: Seen, openMail: OpenMail, now: Date): Promise<number> {
  await mkdir(root, { recursive: true })
  let count = 0
  for (const account of await readdir(root, { withFileTypes: true })) {
    if (!account.isDirectory() || account.name.startsWith('.')) continue
    const actor = await actorByEmail(account.name)
    if (!actor) continue
    for (const path of await filesIn(join(root, account.name)))
      if (await takeOne(actor, path, seen, openMail, now)) count++
  }
  return count
}

async function filesIn(folder: string, depth = 0): Promise<string[]> {
  const entries = await readdir(folder, { withFileTypes: true })
  const found: string[] = []
  for (const entry of entries) {
    const path = join(folder, entry.name)
    if (entry.name.startsWith('.') || entry.name === REFUSED) continue
    if (entry.isFile()) found.push(path)
    else if (entry.isDirectory() && depth < 4) found.push(...(await filesIn(path, depth + 1)))
  }
  return found
}

async function takeOne(actor: Actor, path: string, seen: Seen, openMail: OpenMail, now: Date): Promise<boolean> {
  const facts = await stat(path).catch(() => null) // taken away again by whoever laid it there
  if (!facts) return false
  const sign = `${facts.size} ${facts.mtimeMs} ${facts.ino}`
  const isSettled = seen.get(path) === sign && now.getTime() - facts.mtimeMs >= SETTLED_MS
  seen.set(path, sign)
  if (!isSettled) return false
  // The same file gives the same id: one that was taken, but not yet removed when the server stopped, is not taken
  // twice.
  const id = (what: string) => v5(`${actor.planId} ${path} ${sign} ${what}`, ARRIVALS)
  try {
    if (/\.eml$/i.test(path) && facts.size <= MAIL_LIMIT_BYTES)
      await takeIn(
        actor,
        await mailArrival({ planId: actor.planId, now, openMail }, id('mail'), await readFile(path)),
        now,
      )
    else
      await addUpload(
        actor,
        {
          changeId: id('change'),
          documentId: id('document') as DocumentId,
          folderId: null,
          fileName: basename(path),
          changedAt: facts.mtime.toISOString(),
          clash: 'both',
          origin: 'drop',
          bytes: createReadStream(path),
          announcedBytes: facts.size,
        },
        now,
      )
    await rm(path)
  } catch (error) {
    if (!(error instanceof HembixError) || error.refusal.code === 'database.away') throw error
    await layAside(actor, path, error.refusal.message, now)
  }
  seen.delete(path)
  return true
}

/**
 * What cannot be taken is laid aside under a name that is free, with the reason beside it, and listed for the person.
 */
async function layAside(actor: Actor, path: string, reason: string, now: Date): Promise<void> {
  const folder = join(path, '..', REFUSED)
  await mkdir(folder, { recursive: true })
  const laid = await moveToFreeName(path, folder)
  await writeFile(`${laid}.why.txt`, `${reason}\n`, { flag: 'wx' })
  await laidAside().create({ id: newId(), planId: actor.planId, fileName: basename(path), path: laid, reason, at: now })
}

/** Moves a file without ever writing over another one: “list.txt”, “list (2).txt” … The new path. */
async function moveToFreeName(path: string, folder: string): Promise<string> {
  const { name, ext } = parse(path)
  for (let count = 1; ; count++) {
    const target = join(folder, count === 1 ? basename(path) : `${name} (${count})${ext}`)
    if (await exists(`${target}.why.txt`)) continue
    try {
      await link(path, target) // fails where something is called so, and is atomic
      await rm(path)
      return target
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error
    }
  }
}

const exists = (path: string): Promise<boolean> =>
  stat(path).then(
    () => true,
    () => false,
  )
