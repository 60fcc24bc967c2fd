<script setup lang="ts">
// Whether something is locked, or open until when, with what changes that.
import { computed } from 'vue'
import { agoText, clockText } from '../../../core/dates/index'
import { useNow } from '../../composables/useNow'
import type { MeantThing } from '../../stores/dialogs'
import { useDialogs } from '../../stores/dialogs'
import { useLocks } from '../../stores/locks'
import { useSession } from '../../stores/session'

const props = defineProps<{ thing: MeantThing; lockId: string }>()
const [locks, dialogs, session] = [useLocks(), useDialogs(), useSession()]
const now = useNow()
const until = computed(() => locks.openUntil(props.lockId))
const since = computed(() => locks.all.find(({ id }) => id === props.lockId)?.since)
</script>

<template>
  <span class="state">
    {{ until ? `open here until ${clockText(until)}` : since ? `locked, ${agoText(since, now)}` : 'locked' }}
    <v-btn v-if="until" class="place" @click="locks.closeAll()">Lock again</v-btn>
    <v-btn v-if="!session.isGuest" class="place" @click="dialogs.unlock = thing">
      {{ until ? 'Take the lock off…' : 'Unlock…' }}
    </v-btn>
  </span>
</template>

<style scoped>
.state {
  display: inline-flex;
  flex-wrap: wrap;
  gap: 2px 10px;
}
</style>
