import { counted } from '../../../core/change/index'
import { sizeText } from '../../../core/formats/index'
import { dropOrphans } from '../../db/sql/orphans'

/**
 * Clears away finished bytes that nothing holds or could bring back; what it did in words, null when there was nothing.
 */
export async function sweepOrphans(now: Date): Promise<string | null> {
  const { count, bytes } = await dropOrphans(now)
  return count === 0 ? null : `cleared away ${counted(count, 'file')} (${sizeText(bytes)}) that belonged to no document`
}
