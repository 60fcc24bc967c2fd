import type { Device } from '../../contract/arrivals'
import { takeArrivals } from '../api/arrivals'
import { useActs } from './acts'
import { reasonOf } from './remote'

/** Takes in what a simulated device or service has; the bottom line says what came. */
export async function fetchFrom(device: Device): Promise<void> {
  const acts = useActs()
  try {
    const { changes } = await takeArrivals(device)
    await acts.refresh()
    acts.say(device === 'mailbox' ? `${changes.length === 1 ? '1 message' : `${changes.length} messages`} came, with what was attached` : 'The colleague handed documents over: copies of them wait here')
  }
  catch (error) {
    acts.refuse(reasonOf(error))
  }
}
