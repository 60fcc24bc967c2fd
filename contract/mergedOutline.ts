import type { OutlineReply } from './plan'

/**
 * The outline that is known, with what a reply tells from its revision on. null: the reply tells from another revision.
 */
export function mergedOutline(known: OutlineReply | null, reply: OutlineReply): OutlineReply | null {
  if (reply.since === null) return reply
  if (known?.plan.revision !== reply.since) return null
  const changed = new Map(reply.folders.map(folder => [folder.id, folder]))
  const gone = new Set<string>(reply.gone)
  const there = new Set(known.folders.map(({ id }) => id))
  const folders = [
    ...known.folders.filter(({ id }) => !gone.has(id)).map(folder => changed.get(folder.id) ?? folder),
    ...reply.folders.filter(({ id }) => !there.has(id)),
  ]
  const counts = Object.entries({ ...known.counts, ...reply.counts }).filter(([, count]) => count > 0)
  return { ...reply, since: null, gone: [], folders, counts: Object.fromEntries(counts) }
}
