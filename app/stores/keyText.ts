// How a key is written: "M", "F2", "Delete", "Ctrl+X", "Alt+ArrowUp".

const SHOWN: Readonly<Record<string, string>> = {
  ArrowUp: '↑',
  ArrowDown: '↓',
  ArrowLeft: '←',
  ArrowRight: '→',
  Escape: 'Esc',
  ' ': 'Space',
}

/**
 * What was pressed. Shift counts with letters, with keys that have names and with other keys held: "?" is one already.
 * The digits above the letters are known by where they are, since with Shift each keyboard types another sign.
 */
export function keysPressed({ key, code, ctrlKey, metaKey, altKey, shiftKey }: KeyboardEvent): readonly string[] {
  const isHeld = ctrlKey || metaKey || altKey
  const held = [...(ctrlKey || metaKey ? ['Ctrl'] : []), ...(altKey ? ['Alt'] : [])]
  const shift = shiftKey && (isHeld || key.length > 1 || /\p{L}/u.test(key)) ? ['Shift'] : []
  const digit = shiftKey && !isHeld ? /^Digit(\d)$/.exec(code)?.[1] : undefined
  return [
    [...held, ...shift, key.length === 1 ? key.toUpperCase() : key].join('+'),
    ...(digit === undefined ? [] : [`Shift+${digit}`]),
  ]
}

/** As it stands beside an act. */
export const shownKey = (key: string): string => key.replace(/[^+]+$/, last => SHOWN[last] ?? last)

/** One sign without a key held: what software that is spoken to may type by mistake. */
export const isLetterKey = (key: string): boolean => key.length === 1 && key !== ' '
