<script setup lang="ts">
import { ref } from 'vue'
import RemoteState from '../components/common/RemoteState.vue'
import AccountForm from '../components/shell/AccountForm.vue'
import type { Refusal } from '../../core/errors'
import { HembixError } from '../../core/errors'
import { useSession } from '../stores/session'

definePageMeta({ layout: 'bare' })

const session = useSession()
const route = useRoute()
const mode = ref<'in' | 'new'>('in')
const refused = ref<Refusal | null>(null)
const busy = ref(false)

function switchMode(): void {
  mode.value = mode.value === 'in' ? 'new' : 'in'
  refused.value = null
}

const open = (name: string | undefined) => enter(() => session.openDemo(name ?? ''))

async function enter(open: () => Promise<void>): Promise<void> {
  busy.value = true
  refused.value = null
  try {
    await open()
    const to = typeof route.query.to === 'string' && /^\/(?!\/)/.test(route.query.to) ? route.query.to : '/plan'
    await navigateTo(to)
  } catch (error) {
    if (!(error instanceof HembixError)) throw error
    refused.value = error.refusal
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div class="sign-in">
    <h1>Hembix</h1>
    <p class="lead">A plan for your documents: numbered, coloured folders, and everything found again.</p>
    <RemoteState :remote="session.session" @again="session.load()">
      <section v-if="session.demo.length > 0" class="demo">
        <h2>Look around first</h2>
        <p class="second">
          The papers of Tern Quay, a small made-up harbour: its office, an evening class, a certificate to study for.
        </p>
        <v-btn class="act main" :disabled="busy" @click="open(session.demo[0])"> Open the demo plan </v-btn>
        <p v-if="session.demo.length > 1" class="second">
          That is the plan of {{ session.demo[0] }}. Or see what others have of it:
          <v-btn
            v-for="name in session.demo.slice(1)"
            :key="name"
            class="place person"
            :disabled="busy"
            @click="open(name)">
            {{ name }}
          </v-btn>
        </p>
      </section>
      <section>
        <h2>{{ mode === 'in' ? 'Sign in' : 'New account' }}</h2>
        <AccountForm
          :key="mode"
          :mode="mode"
          :busy="busy"
          @sign-in="form => enter(() => session.signIn(form))"
          @create="form => enter(() => session.createAccount(form))" />
        <p v-if="refused" class="warn" role="alert">
          {{ refused.message }}
        </p>
        <v-btn class="place" @click="switchMode">
          {{ mode === 'in' ? 'Make a new account instead' : 'Sign in to an account that exists' }}
        </v-btn>
      </section>
    </RemoteState>
  </div>
</template>

<style scoped>
.sign-in {
  max-width: 400px;
  margin: 11vh auto 40px;
  padding: 0 20px;
}
h1 {
  font-size: 38px;
  font-weight: 700;
}
h2 {
  font-size: 17px;
  margin-bottom: 4px;
}
.lead {
  color: var(--ink-2);
  margin-bottom: 22px;
  font-size: 15px;
}
section {
  border-top: 2px solid var(--ink);
  padding: 14px 0 20px;
  display: flex;
  flex-direction: column;
  gap: 10px;
  align-items: flex-start;
}
.person {
  margin-right: 12px;
}
.demo {
  border-top-width: 1px;
  border-top-color: var(--rule-strong);
}
</style>
