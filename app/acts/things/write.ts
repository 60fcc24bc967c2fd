// A memo is opened to be written in.
import type { ThingAct } from '../act'
import { theOne } from '../act'

export const write: ThingAct = {
  id: 'write',
  title: 'Write in it',
  part: 'go',
  often: true,
  applies: target => theOne(target)?.extension === 'md',
  run: target => void navigateTo(`/memo/${theOne(target)?.id}`),
}
