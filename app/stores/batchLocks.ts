// A window holds a lock for each batch it sends, so that other windows know that it is looked after.

const LOCK = 'hembix-batch-'

// Only pages from this machine or over HTTPS are given locks.
const locks = (): LockManager | undefined => (navigator as { readonly locks?: LockManager }).locks

/** Held until the window is closed. */
export async function holdBatch(batchId: string): Promise<void> {
  await locks()?.request(
    LOCK + batchId,
    () =>
      new Promise(() => {
        /* held while the window is open */
      }),
  )
}

/** Batches that any window of this browser sends. */
export async function heldBatches(): Promise<ReadonlySet<string>> {
  const found = await locks()?.query()
  return new Set((found?.held ?? []).flatMap(({ name }) => (name?.startsWith(LOCK) ? [name.slice(LOCK.length)] : [])))
}
