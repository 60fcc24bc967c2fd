<script setup lang="ts">
// Who may read a thing beside its owner, each with the reason, and the act that ends it: a ledger, a line each.
import { computed } from 'vue'
import { counted } from '../../../core/change/index'
import type { GivenThing } from '../../../core/access/index'
import { dateText } from '../../../core/dates/index'
import { useGivenLinks } from '../../stores/givenLinks'
import { usePlaceNames } from '../../stores/placeNames'

const props = defineProps<{ thing: GivenThing }>()
const given = useGivenLinks()
const placeNames = usePlaceNames()
const lines = computed(() => given.to(props.thing))
</script>

<template>
  <ul v-if="lines.length > 0" class="ledger" aria-label="Who may read it">
    <li v-for="{ link, by } in lines" :key="link.id">
      <span
        >whoever has the link{{ link.note === '' ? '' : ` for ${link.note}` }} may read it{{
          by === null ? '' : ', because it lies in '
        }}<NuxtLink v-if="by !== null" class="place" :to="`/plan/${by}`">{{ placeNames.placeOf(by)?.text }}</NuxtLink
        ><template v-if="link.until">, until {{ dateText(link.until) }}</template></span
      >
      <span class="quiet"
        >made {{ dateText(link.createdAt) }},
        {{ link.opened === 0 ? 'never opened' : `opened ${counted(link.opened, 'time')}` }}</span
      >
      <v-btn class="place" :aria-label="`End the link to ${given.nameOf(link)}`" @click="given.end([link.id])">
        End the link
      </v-btn>
    </li>
  </ul>
  <span v-else class="quiet">only you</span>
</template>

<style scoped>
.ledger {
  list-style: none;
  padding: 0;
}
li {
  display: grid;
  gap: 1px;
  justify-items: start;
  padding: 3px 0 5px;
  border-bottom: 1px solid var(--rule);
}
li:last-child {
  border-bottom: 0;
}
</style>
