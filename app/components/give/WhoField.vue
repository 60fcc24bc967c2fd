<script setup lang="ts">
// People and groups, found by a part of their name; whoever was never met, by the whole address.
import { mdiClose } from '@mdi/js'
import { computed, nextTick, ref } from 'vue'
import { counted } from '../../../core/change/index'
import { foldedText } from '../../../core/text/index'
import type { Grantee } from '../../stores/given'
import { useGivenTexts } from '../../stores/givenTexts'
import type { NamedPerson } from '../../stores/groups'
import { useGroups } from '../../stores/groups'
import { BOX_SAYS_NOTHING, leaveRoleToInput } from '../base/roleOfInput'

const props = defineProps<{
  label: string
  /** People alone: a group holds no groups. */
  onlyPeople?: boolean
  /** One of them: whoever else is meant, the chosen one is left out first. */
  onlyOne?: boolean
  /** Ids that are not offered. */
  without?: readonly string[]
}>()
const chosen = defineModel<readonly Grantee[]>({ required: true })
const emit = defineEmits<{ refused: [why: string] }>()

const [groups, texts] = [useGroups(), useGivenTexts()]
const typed = ref('')
const isListed = ref(false)
/** Once somebody was chosen the list stays away, or it would lie over the acts, until one types or points again. */
const isWanted = ref(true)
const isOpen = computed({ get: () => isListed.value && isWanted.value, set: on => (isListed.value = on) })
const picked = ref<string | null>(null)
const field = ref<{ $el: HTMLElement } | null>(null)
leaveRoleToInput(field)
/** People who were found by their address just now. */
const met = ref<readonly NamedPerson[]>([])

interface Offer {
  readonly value: string
  readonly text: string
  readonly note: string
  readonly grantee: Grantee | null
}
const EVERYONE: Offer = {
  ...{ value: 'everyone', text: 'Everyone with an account here', note: '' },
  grantee: { who: 'everyone', whoId: null },
}
const ADDRESS = /^[^\s@]+@[^\s@]+$/
const offers = computed<readonly Offer[]>(() => {
  const taken = new Set([...chosen.value.map(({ whoId }) => whoId ?? 'everyone'), ...(props.without ?? [])])
  const people = [...groups.known, ...met.value].map(({ id, name, email }): Offer => ({
    ...{ value: id, text: name, note: email === name ? '' : email },
    grantee: { who: 'person', whoId: id },
  }))
  const some = groups.groups.map(({ id, name, memberIds }): Offer => ({
    ...{ value: id, text: name, note: counted(memberIds.length, 'person') },
    grantee: { who: 'group', whoId: id },
  }))
  const words = foldedText(typed.value.trim())
  const found = [...(props.onlyPeople ? [] : some), ...people, ...(props.onlyPeople ? [] : [EVERYONE])].filter(
    ({ value, text, note }) => !taken.has(value) && foldedText(`${text} ${note}`).includes(words),
  )
  if (found.length > 0 || !ADDRESS.test(typed.value.trim())) return found
  return [{ value: '@', text: `whoever signs in as ${typed.value.trim()}`, note: '', grantee: null }]
})

async function choose(value: string | null): Promise<void> {
  const offer = offers.value.find(one => one.value === value)
  if (!offer) return
  emit('refused', '')
  const address = typed.value.trim()
  isWanted.value = false
  // The field writes what was picked into itself after this.
  void nextTick(() => {
    picked.value = null
    typed.value = ''
    isOpen.value = false
  })
  if (offer.grantee) {
    chosen.value = [...chosen.value, offer.grantee]
    return
  }
  const found = await groups.findPerson(address)
  if ('refused' in found) return emit('refused', `${address}: ${found.refused}`)
  met.value = [...met.value, found.person]
  chosen.value = [...chosen.value, { who: 'person', whoId: found.person.id }]
}

const nameOf = (grantee: Grantee) =>
  met.value.find(({ id }) => id === grantee.whoId)?.name ??
  groups.known.find(({ id }) => id === grantee.whoId)?.name ??
  texts.whoText(grantee)

const focus = () => field.value?.$el.querySelector('input')?.focus()
defineExpose({ nameOf, focus })
</script>

<template>
  <span class="who">
    <span v-for="grantee in chosen" :key="grantee.whoId ?? 'everyone'" class="one">
      <b>{{ nameOf(grantee) }}</b>
      <v-btn
        class="off"
        :aria-label="`Leave ${nameOf(grantee)} out`"
        @click="chosen = chosen.filter(one => one !== grantee)">
        <v-icon :icon="mdiClose" size="13" />
      </v-btn>
    </span>
    <v-autocomplete
      v-if="!onlyOne || chosen.length === 0"
      ref="field"
      v-model="picked"
      v-model:menu="isOpen"
      v-model:search="typed"
      class="plain-field line-field folder-field find"
      variant="plain"
      single-line
      hide-details
      no-filter
      auto-select-first
      :menu-props="BOX_SAYS_NOTHING"
      :no-data-text="
        typed.includes('@') ? 'Go on: the whole address.' : 'Nobody you know is called so. Write their address.'
      "
      :items="[...offers]"
      item-title="text"
      item-value="value"
      :aria-label="label"
      placeholder="name or address"
      @keydown="isWanted ||= $event.key !== 'Enter'"
      @mousedown="isWanted = true"
      @keydown.enter="(isOpen || typed !== '') && $event.preventDefault()"
      @update:model-value="choose">
      <template #item="{ props: item, item: offer }">
        <v-list-item v-bind="item" :subtitle="offer.note === '' ? undefined : offer.note" />
      </template>
    </v-autocomplete>
  </span>
</template>

<style scoped>
.who {
  display: inline-flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 10px;
}
.one {
  display: inline-flex;
  align-items: center;
  background: var(--act-soft);
  border-bottom: 2px solid var(--act);
  padding: 1px 2px 1px 7px;
}
.off {
  height: 22px;
  width: 22px;
  color: var(--ink-3);
}
.off:hover {
  color: var(--act);
}
.find {
  width: 190px;
}
</style>
