<script setup lang="ts">
// Who may do what with a thing beside its owner, each with the reason, and the act that ends it: a ledger, a line each.
import { computed } from 'vue'
import type { GivenThing } from '../../../core/access/index'
import { includesRole, isInForce } from '../../../core/access/index'
import { counted } from '../../../core/change/index'
import { dateText } from '../../../core/dates/index'
import type { FolderId, GroupId } from '../../../core/ids'
import { isInside } from '../../../core/tree/index'
import type { GivenOut } from '../../stores/given'
import { useGiven } from '../../stores/given'
import { useGivenTexts } from '../../stores/givenTexts'
import { usePlan } from '../../stores/plan'
import { usePlaceNames } from '../../stores/placeNames'
import { useSession } from '../../stores/session'

const props = defineProps<{ thing: GivenThing | 'plan' }>()
const [given, plan, placeNames, texts, session] = [
  useGiven(),
  usePlan(),
  usePlaceNames(),
  useGivenTexts(),
  useSession(),
]
const lines = computed(() =>
  props.thing === 'plan'
    ? given.all.filter(({ target }) => target === 'plan').map(one => ({ given: one, by: null }))
    : given.to(props.thing),
)
const BELOW = 8
/** What differs below a folder: folders in it that were given further. */
const below = computed(() => {
  const { thing } = props
  if (thing === 'plan' || thing.kind !== 'folder' || !plan.tree.byId.has(thing.id)) return []
  // Who may add until a day and read after it stands once, with the most of it.
  const [most, now] = [new Map<string, GivenOut>(), new Date().toISOString()]
  for (const one of given.all) {
    const { target, targetId, who, whoId, id, role } = one
    if (target !== 'folder' || targetId === thing.id || !isInForce(one, now)) continue
    if (!isInside(plan.tree, targetId as FolderId, thing.id)) continue
    const key = `${targetId} ${who === 'link' ? id : (whoId ?? who)}`
    const other = most.get(key)
    if (!other || includesRole(role, other.role)) most.set(key, one)
  }
  return [...most.values()].slice(0, BELOW).map(one => ({ one, folderId: one.targetId as FolderId }))
})

/** The people of a group by name, where they are few enough to be read. */
const NAMED = 12
function namesIn({ who, whoId }: GivenOut): string {
  const ids = who === 'group' ? (given.groups.get(whoId as GroupId)?.memberIds ?? []) : []
  const names = ids.slice(0, NAMED).map(id => texts.personName(id))
  return ids.length > NAMED ? `${names.join(', ')} and ${ids.length - NAMED} more` : names.join(', ')
}
const asksText = (one: GivenOut) => ('hasPassphrase' in one && one.hasPassphrase ? ', asks for a passphrase' : '')
const openedText = ({ opened }: GivenOut) => (opened === 0 ? 'never opened' : `opened ${counted(opened, 'time')}`)
</script>

<template>
  <ul v-if="lines.length > 0" class="ledger" aria-label="Who may">
    <li v-for="{ given: one, by } in lines" :key="one.id">
      <span
        ><b>{{ texts.whoText(one) }}</b> may {{ one.role
        }}<template v-if="by === 'plan'">, because the whole plan was given to them</template
        ><template v-else-if="by !== null"
          >, because it lies in
          <NuxtLink class="place" :to="`/plan/${by}`">{{ placeNames.placeOf(by)?.text }}</NuxtLink></template
        ><template v-if="one.until">, until {{ dateText(one.until) }}</template></span
      >
      <span v-if="namesIn(one)" class="quiet">{{ namesIn(one) }}</span>
      <span class="quiet">given {{ dateText(one.createdAt) }}, {{ openedText(one) }}{{ asksText(one) }}</span>
      <NuxtLink v-if="one.who !== 'link' && !session.isGuest" class="place" :to="`/received/${one.id}`"
        >See it as they do</NuxtLink
      >
      <v-btn
        v-if="!session.isGuest"
        class="place"
        :aria-label="
          one.who === 'link'
            ? `End the link to ${texts.nameOf(one)}`
            : `Take it back from ${texts.whoText(one)}: ${texts.nameOf(one)}`
        "
        @click="given.end([one.id])">
        {{ one.who === 'link' ? 'End the link' : 'Take it back' }}
      </v-btn>
    </li>
  </ul>
  <span v-else class="quiet">only you</span>
  <p v-for="{ one, folderId } in below" :key="one.id" class="quiet">
    In it <NuxtLink class="place" :to="`/plan/${folderId}`">{{ placeNames.placeOf(folderId)?.text }}</NuxtLink>:
    {{ texts.whoText(one) }} may {{ one.role }}
  </p>
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
