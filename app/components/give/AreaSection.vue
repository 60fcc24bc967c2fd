<script setup lang="ts">
// The areas of the plan, with what belongs there and who may what; and the house rule.
import { useActs } from '../../stores/acts'
import { useAreas } from '../../stores/areas'
import { useDialogs } from '../../stores/dialogs'
import { usePlan } from '../../stores/plan'
import { useSession } from '../../stores/session'
import HelpSign from '../help/HelpSign.vue'
import TickBox from '../base/TickBox.vue'

const [areas, plan, acts, dialogs, session] = [useAreas(), usePlan(), useActs(), useDialogs(), useSession()]
</script>

<template>
  <section aria-labelledby="areas">
    <h2 id="areas">Areas <HelpSign topic="areas" /></h2>
    <p v-if="areas.own.length === 0" class="second">
      No folder is one yet. “Make it an area” stands among the acts of a folder.
    </p>
    <ul v-else>
      <li v-for="{ folderId, name, purpose, given } in areas.own" :key="folderId">
        <span class="what">
          <NuxtLink class="place" :to="`/plan/${folderId}`">{{ name }}</NuxtLink>
          <span v-if="purpose" class="purpose">{{ purpose }}</span>
          <span class="quiet">{{ given || 'Nobody else sees it yet.' }}</span>
        </span>
        <v-btn v-if="!session.isGuest" class="place" @click="dialogs.give = [{ kind: 'folder', id: folderId, name }]">
          Give…
        </v-btn>
      </li>
    </ul>
    <TickBox
      v-if="!session.isGuest"
      class="rule"
      :model-value="plan.reply?.plan.areasOnly === true"
      @update:model-value="acts.act({ kind: 'plan.areasOnly', on: $event })"
      >Nothing is given but areas</TickBox
    >
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: flex-start;
  gap: 16px;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}
.what {
  display: grid;
  justify-items: start;
  gap: 1px;
}
.purpose {
  font-family: var(--serif);
}
.rule {
  margin-top: 8px;
}
</style>
