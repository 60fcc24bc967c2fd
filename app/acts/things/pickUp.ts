import { useHand } from '../../stores/hand'
import type { ThingAct, ThingTarget } from '../act'

function pick({ items, fromFolderId }: ThingTarget, way: 'move' | 'copy'): void {
  useHand().pick(
    items.map(item =>
      item.kind === 'document'
        ? { kind: item.kind, id: item.id, name: item.name, fromFolderId }
        : { kind: item.kind, id: item.id, name: item.name, fromFolderId: null },
    ),
    way,
  )
}

export const pickUp: ThingAct = {
  id: 'pick',
  title: 'Pick up',
  key: 'X',
  also: ['Ctrl+X'],
  part: 'lay',
  often: true,
  run: target => pick(target, 'move'),
}

export const pickUpCopy: ThingAct = {
  id: 'copy',
  title: 'Pick up a copy',
  key: 'Ctrl+C',
  part: 'lay',
  run: target => pick(target, 'copy'),
}
