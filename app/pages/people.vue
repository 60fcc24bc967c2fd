<script setup lang="ts">
// Areas, and groups of people to give things to many at once.
import { computed, ref } from 'vue'
import LineField from '../components/base/LineField.vue'
import AreaSection from '../components/give/AreaSection.vue'
import GroupSection from '../components/give/GroupSection.vue'
import { useDialogs } from '../stores/dialogs'
import { useGiven } from '../stores/given'
import { useGroups } from '../stores/groups'
import { usePlan } from '../stores/plan'

const [groups, plan, dialogs, given] = [useGroups(), usePlan(), useDialogs(), useGiven()]
const name = ref('')

async function make(): Promise<void> {
  if (name.value.trim() === '') return
  const outcome = await groups.make(name.value)
  if (outcome.ok) name.value = ''
}
const whole = computed(() => {
  const of = plan.reply?.plan
  return of ? ({ kind: 'plan', id: of.id, name: of.name } as const) : null
})
function giveAll(): void {
  if (whole.value) dialogs.give = [whole.value]
}
function handAllOver(): void {
  dialogs.handOver = whole.value
}
</script>

<template>
  <div class="people">
    <h1>People</h1>
    <p class="acts">
      <v-btn class="act" :disabled="whole === null" @click="giveAll">Give the whole plan…</v-btn>
      <v-btn class="act" :disabled="whole === null" @click="handAllOver">Hand the whole plan over…</v-btn>
      <NuxtLink class="place" to="/given">All that is given out</NuxtLink>
    </p>
    <AreaSection />
    <h2 class="groups">Groups</h2>
    <p class="second said">
      A group is given things as one. Whoever joins it has them from then on; whoever leaves it has them no more.
    </p>
    <p v-if="groups.groups.length === 0" class="empty">
      There is no group yet. Name one: a class, a committee, an office.
    </p>
    <GroupSection
      v-for="group in groups.groups"
      :key="group.id"
      :group="group"
      :given="given.all.filter(one => one.who === 'group' && one.whoId === group.id)" />
    <form class="new" @submit.prevent="make">
      <LineField
        v-model="name"
        class="line-field"
        aria-label="Name of a new group"
        placeholder="a new group"
        autocomplete="off" />
      <v-btn class="act" type="submit" :disabled="name.trim() === ''">Make the group</v-btn>
    </form>
  </div>
</template>

<style scoped>
.groups {
  margin-top: 26px;
}
.said {
  margin-bottom: 10px;
}
.people {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding: 22px 28px;
  max-width: 820px;
}
.acts {
  display: flex;
  gap: 14px;
  align-items: center;
  margin: 10px 0;
}
.new {
  display: flex;
  gap: 10px;
  align-items: center;
  margin-top: 18px;
}
.new .line-field {
  width: 260px;
}
</style>
