<script setup lang="ts">
// The sign on a row that opens its menu, for whoever has no right button: it shows where one points, where the focus
// is, and always by touch. Letters, no icon of the framework: there is one in each row.
import RowAct from '../base/RowAct.vue'

defineProps<{ name: string }>()
const emit = defineEmits<{ menu: [event: MouseEvent] }>()
</script>

<template>
  <RowAct
    class="menu-sign"
    tabindex="-1"
    aria-haspopup="menu"
    :aria-label="`Acts of ${name}`"
    @click.stop="emit('menu', $event)"
    @dblclick.stop>
    <i aria-hidden="true">···</i>
  </RowAct>
</template>

<style scoped>
.menu-sign {
  position: absolute;
  inset: 0 var(--sign-from-end, 4px) 0 auto;
  width: 26px;
  height: 26px;
  margin: auto 0;
  display: grid;
  place-items: center;
  color: var(--act);
  background: var(--sheet);
  border: 1px solid var(--rule-strong);
  opacity: 0;
}
.menu-sign i {
  font-style: normal;
  font-weight: 700;
  letter-spacing: 1px;
}
@media (hover: none) {
  .menu-sign {
    opacity: 1;
    border-color: transparent;
    background: none;
  }
}
</style>
