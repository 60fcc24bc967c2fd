<script setup lang="ts">
// One group: its people, what was given to it, and the acts on it.
import { computed, ref } from 'vue'
import type { PersonGroup } from '../../../contract/plan'
import { counted } from '../../../core/change/index'
import type { PersonId } from '../../../core/ids'
import { useDialogs } from '../../stores/dialogs'
import type { Grantee, GivenOut } from '../../stores/given'
import { useGiven } from '../../stores/given'
import { useGivenTexts } from '../../stores/givenTexts'
import { useGroups } from '../../stores/groups'
import NameField from '../common/NameField.vue'
import WhoField from './WhoField.vue'

const props = defineProps<{ group: PersonGroup; given: readonly GivenOut[] }>()
const [groups, all, dialogs, texts] = [useGroups(), useGiven(), useDialogs(), useGivenTexts()]
const renaming = ref(false)
const refused = ref('')
const people = computed(() =>
  props.group.memberIds.map(id => ({ id, name: texts.personName(id), email: all.people.get(id)?.email })),
)

function handOut(): void {
  dialogs.handOut = { documentIds: [], name: '', groupId: props.group.id }
}

async function add(chosen: readonly Grantee[]): Promise<void> {
  const [one] = chosen
  if (one?.whoId) await groups.add(props.group, one.whoId as PersonId)
}
</script>

<template>
  <section>
    <h2>
      <NameField
        v-if="renaming"
        :value="group.name"
        label="Name of the group"
        :keep="name => groups.rename(group.id, name)"
        @kept="renaming = false"
        @cancel="renaming = false" />
      <template v-else>{{ group.name }}</template>
      <span class="quiet">{{ counted(people.length, 'person') }}</span>
    </h2>
    <ul>
      <li v-for="{ id, name, email } in people" :key="id">
        <span>{{ name }}</span>
        <span class="quiet">{{ email === name ? '' : email }}</span>
        <v-btn class="place" :aria-label="`Take ${name} out of ${group.name}`" @click="groups.remove(group, id)">
          Take out
        </v-btn>
      </li>
    </ul>
    <p class="line">
      <WhoField
        :model-value="[]"
        only-people
        :without="group.memberIds"
        :label="`Take somebody into ${group.name}`"
        @update:model-value="add"
        @refused="refused = $event" />
      <v-btn v-if="people.length > 0" class="place" @click="handOut">A folder for each…</v-btn>
      <v-btn class="place" @click="renaming = true">Rename</v-btn>
      <v-btn class="place" @click="groups.drop(group.id)">Drop the group</v-btn>
    </p>
    <p v-if="refused" class="warn" role="alert">{{ refused }}</p>
    <p class="second">
      {{
        given.length === 0
          ? 'Nothing is given to it.'
          : `Given to it: ${given.map(one => texts.nameOf(one)).join(', ')}.`
      }}
    </p>
  </section>
</template>

<style scoped>
section {
  border-top: 2px solid var(--ink);
  padding: 8px 0 14px;
}
h2 {
  font-size: 18px;
  display: flex;
  gap: 12px;
  align-items: baseline;
}
ul {
  list-style: none;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) auto;
  gap: 12px;
  padding: 4px 0;
  border-bottom: 1px solid var(--rule);
}
.line {
  display: flex;
  gap: 16px;
  align-items: center;
  margin: 8px 0;
}
</style>
