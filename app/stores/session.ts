import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { DeletionRequest, NewAccount, SessionState, SignIn } from '../../contract/account'
import * as api from '../api/session'
import type { Remote } from './remote'
import { refusalOf } from './remote'

export const useSession = defineStore('session', () => {
  const session = ref<Remote<SessionState>>({ state: 'idle' })

  const email = computed(() => (session.value.state === 'ready' ? (session.value.value.account?.email ?? null) : null))
  /** What others call who is signed in; empty: they have not said. */
  const name = computed(() => (session.value.state === 'ready' ? (session.value.value.account?.name ?? '') : ''))
  /** The plan that is shown belongs to another. */
  const isGuest = computed(() => session.value.state === 'ready' && session.value.value.account?.isGuest === true)
  /** The people of the demo, by name; none where there is no demo. */
  const demo = computed<readonly string[]>(() => (session.value.state === 'ready' ? session.value.value.demo : []))

  /** Asks who is signed in; what is known stays while it is asked again. */
  async function load(): Promise<void> {
    if (session.value.state !== 'ready') session.value = { state: 'loading' }
    try {
      session.value = { state: 'ready', value: await api.readSession() }
    } catch (error) {
      const reason = refusalOf(error)
      if (session.value.state === 'loading') session.value = { state: 'error', reason }
    }
  }

  const keep = (value: SessionState) => {
    session.value = { state: 'ready', value }
  }
  const signIn = async (form: SignIn) => keep(await api.signIn(form))
  const openDemo = async (name: string) => keep(await api.openDemo(name))
  const createAccount = async (form: NewAccount) => keep(await api.createAccount(form))
  const signOut = async () => keep({ ...(await api.signOut()), demo: [...demo.value] })
  /** For good, with everything in it. Throws the refusal, which the form shows. */
  async function deleteAccount(form: DeletionRequest): Promise<void> {
    await api.deleteAccount(form)
    keep({ account: null, demo: [...demo.value] })
  }

  /** Works in the plan of another from now on; null: in one's own again. All of the page is of the other plan then. */
  async function workIn(planId: string | null): Promise<void> {
    await api.workIn(planId)
    location.assign('/plan')
  }

  return { session, email, name, isGuest, workIn, demo, load, signIn, openDemo, createAccount, signOut, deleteAccount }
})
