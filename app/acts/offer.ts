// Acts of the registry, joined with what they are done to.

import { useKeys } from '../stores/keys'
import { keysPressed, shownKey } from '../stores/keyText'
import type { ActOn, OfferedAct } from './act'

/** `taken` are keys that mean something else where they are offered. */
export function offer<Target>(
  acts: readonly ActOn<Target>[],
  target: Target,
  taken: readonly string[] = [],
): readonly OfferedAct[] {
  const { keysOf } = useKeys()
  return acts
    .filter(act => act.applies?.(target) ?? true)
    .map(act => {
      const keys = keysOf(act).filter(key => !taken.includes(key))
      return {
        id: act.id,
        name: act.words?.(target) ?? act.title,
        key: shownKey(keys[0] ?? ''),
        keys,
        part: act.part,
        often: act.often ?? false,
        run: () => act.run(target),
      }
    })
}

/** Runs the act whose key was pressed; false: none. */
export function runPressed(acts: readonly OfferedAct[], event: KeyboardEvent): boolean {
  const pressed = keysPressed(event)
  const act = acts.find(({ keys }) => keys.some(key => pressed.includes(key)))
  act?.run()
  return act !== undefined
}
