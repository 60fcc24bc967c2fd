// What a document holds can be made documents of their own.
import { holdsOf } from '../../../core/formats/index'
import { useActs } from '../../stores/acts'
import type { ThingAct, ThingTarget } from '../act'
import { theOne } from '../act'

const WORDS = {
  files: 'Unpack',
  messages: 'Make documents of its messages',
  attachments: 'Make documents of its attachments',
} as const

const heldBy = (target: ThingTarget) => holdsOf(theOne(target)?.extension ?? '')

export const takeOut: ThingAct = {
  id: 'unpack',
  title: 'Unpack, or make documents of messages and attachments',
  key: 'K',
  part: 'lay',
  often: true,
  words: target => WORDS[heldBy(target) ?? 'files'],
  applies: target => heldBy(target) !== null,
  run: target => {
    const item = theOne(target)
    if (item) void useActs().takeOut(item.id)
  },
}
