import { onBeforeUnmount, onMounted } from 'vue'

/**
 * Hears keys of the whole page while the component lives. Keys typed into a field, or while a
 * dialog or menu is open, belong there and are not heard. The handler says whether it took the key.
 */
export function useShortcuts(press: (event: KeyboardEvent) => boolean): void {
  const onEvent = (event: KeyboardEvent) => {
    if (event.defaultPrevented || isTyping(event.target) || isOverlayOpen()) return
    if ((event.key === 'Enter' || event.key === ' ') && isControl(event.target)) return
    if (press(event)) event.preventDefault()
  }
  onMounted(() => document.addEventListener('keydown', onEvent))
  onBeforeUnmount(() => document.removeEventListener('keydown', onEvent))
}

/** The key was meant for who calls this, and for nobody else. */
export function takeKey(event: KeyboardEvent): void {
  event.preventDefault()
  event.stopPropagation()
}

export function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable ||
      /^(TEXTAREA|SELECT)$/.test(target.tagName) ||
      (target instanceof HTMLInputElement && !['checkbox', 'radio', 'button'].includes(target.type)))
  )
}

/** Buttons and links take Enter and Space for themselves. */
function isControl(target: EventTarget | null): boolean {
  return target instanceof Element && target.closest('button, a, [role="separator"]') !== null
}

export function isOverlayOpen(): boolean {
  return document.querySelector('.v-overlay--active:not(.v-tooltip)') !== null
}
