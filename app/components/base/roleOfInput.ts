import type { Ref } from 'vue'
import { onMounted } from 'vue'

/**
 * The framework gives the role of a field to its box as well as to its input; only the input has what the role
 * demands (WAI-ARIA 1.2, combobox: aria-expanded).
 */
export function leaveRoleToInput(field: Readonly<Ref<{ readonly $el: HTMLElement } | null>>): void {
  onMounted(() => field.value?.$el.querySelector('.v-field')?.removeAttribute('role'))
}

/** For the menu of a field: its state is told by the input, not once more by the box, which has no role. */
export const BOX_SAYS_NOTHING = {
  activatorProps: {
    'aria-haspopup': undefined,
    'aria-expanded': undefined,
    'aria-controls': undefined,
    'aria-owns': undefined,
  },
}
