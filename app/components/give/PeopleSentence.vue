<script setup lang="ts">
// "Let Per Aske read it until 31 December and tell them: …", and what that would change.
import { computed, nextTick, ref, watch } from 'vue'
import type { GivenThing } from '../../../core/access/index'
import { counted, namedFirst } from '../../../core/change/index'
import type { Role } from '../../../core/rows/index'
import type { GiveTarget } from '../../stores/dialogs'
import type { Grantee } from '../../stores/given'
import { useGiven } from '../../stores/given'
import { useGivenTexts } from '../../stores/givenTexts'
import { COPY_MEANING, ROLE_MEANINGS, ROLE_VERBS, ROLES_FOR } from '../../stores/roleTexts'
import ChoiceField from '../base/ChoiceField.vue'
import DayField from '../base/DayField.vue'
import LineField from '../base/LineField.vue'
import SentenceLine from './SentenceLine.vue'
import WhoField from './WhoField.vue'

/** `meant`: the one thing with its places; null: there are several. */
const props = defineProps<{ things: readonly GiveTarget[]; meant: GivenThing | 'plan' | null }>()
const [given, texts] = [useGiven(), useGivenTexts()]
const who = ref<InstanceType<typeof WhoField> | null>(null)
const to = ref<readonly Grantee[]>([])
/** A copy is no role: it is theirs at once. */
const role = ref<Role | 'copy'>('read')
const [until, note] = [ref(''), ref('')]
const isDone = ref(false)

watch(who, async field => {
  await nextTick()
  field?.focus()
})

const kinds = computed(() => new Set(props.things.map(({ kind }) => kind)))
const areDocuments = computed(() => kinds.value.size === 1 && kinds.value.has('document'))
/** What makes sense for all of them. */
const roles = computed(() =>
  [...kinds.value].reduce<readonly Role[]>(
    (some, kind) => some.filter(one => ROLES_FOR[kind].includes(one)),
    ['read', 'add', 'edit', 'keep'],
  ),
)
const choices = computed(() => [
  ...roles.value.map(value => ({ value: value as Role | 'copy', text: ROLE_VERBS[value] })),
  ...(areDocuments.value ? [{ value: 'copy' as const, text: 'have a copy of' }] : []),
])
const them = computed(() => (props.things.length === 1 ? 'it' : 'them'))
const isReady = computed(
  () => to.value.length > 0 && (role.value !== 'copy' || to.value.every(({ who: one }) => one !== 'everyone')),
)

/** "Then 7 people more than now may: Odo Lind, Sanna Roke and 5 others." */
const change = computed(() => {
  if (to.value.length === 0 || role.value === 'copy') return ''
  if (to.value.some(one => one.who === 'everyone'))
    return 'Then whoever has an account here may, also who gets one later.'
  if (props.meant === 'plan' || props.meant === null) return ''
  const people = given.newPeople(props.meant, to.value, role.value)
  if (people.length === 0)
    return 'All of them may read it already; this changes how, until when, and what they are told.'
  const names = people.map(id => who.value?.nameOf({ who: 'person', whoId: id }) ?? texts.personName(id))
  return `Then ${counted(people.length, 'person')} more than now may: ${namedFirst(names, 3)}.`
})

async function send(): Promise<void> {
  if (!isReady.value) return
  if (role.value === 'copy') {
    isDone.value = await given.giveCopies(
      props.things.map(({ id }) => id),
      to.value,
    )
    return
  }
  const what = { things: props.things, role: role.value, until: until.value }
  isDone.value = await given.give({ ...what, to: to.value, note: note.value.trim() })
}
defineExpose({ send, isDone, isReady })
</script>

<template>
  <div class="sentence">
    <SentenceLine>
      Let
      <WhoField ref="who" v-model="to" label="To whom" @refused="given.refused = $event" />
      <ChoiceField v-model="role" class="role" label="What they may do" :choices="choices" />
      {{ them }}
      <template v-if="role !== 'copy'">
        until
        <DayField class="day" label="Until when; empty: until it is taken back" :day="until" @change="until = $event" />
      </template>
    </SentenceLine>
    <SentenceLine v-if="role !== 'copy'">
      and tell them:
      <LineField
        v-model="note"
        class="line-field note"
        aria-label="What they are told"
        placeholder="nothing more"
        autocomplete="off" />
    </SentenceLine>
    <p class="second">{{ role === 'copy' ? COPY_MEANING : ROLE_MEANINGS[role] }}</p>
    <p v-if="!areDocuments" class="second">
      {{ kinds.has('plan') ? 'That is all that is filed in it,' : 'That is all that lies in a folder and below,' }}
      also what comes later.
    </p>
    <p v-if="change" class="change" role="status">{{ change }}</p>
  </div>
</template>

<style scoped>
.role {
  width: 128px;
  padding-left: 7px;
  background: var(--act-soft);
  border-bottom: 2px solid var(--act);
}
.day {
  width: 130px;
}
.note {
  flex: 1;
  min-width: 200px;
}
.change {
  border-top: 1px solid var(--rule);
  margin-top: 8px;
  padding-top: 8px;
}
</style>
