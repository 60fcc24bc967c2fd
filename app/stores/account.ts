import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { AccountFacts, EmailRequest, NameRequest, PasswordRequest } from '../../contract/account'
import * as api from '../api/session'
import type { Remote } from './remote'
import { refusalOf } from './remote'
import { useSession } from './session'

/** What a person sees and does about their own account. */
export const useAccount = defineStore('account', () => {
  const facts = ref<Remote<AccountFacts>>({ state: 'idle' })
  /** What the last act did. */
  const said = ref('')

  const others = computed(() =>
    facts.value.state === 'ready' ? facts.value.value.sessions.filter(session => !session.current).length : 0,
  )

  async function load(): Promise<void> {
    if (facts.value.state !== 'ready') facts.value = { state: 'loading' }
    try {
      facts.value = { state: 'ready', value: await api.readAccount() }
    } catch (error) {
      facts.value = { state: 'error', reason: refusalOf(error) }
    }
  }

  async function carryOut(act: () => Promise<string>): Promise<void> {
    try {
      said.value = await act()
    } catch (error) {
      said.value = refusalOf(error).message
    }
    await load()
  }

  const endedText = (count: number) =>
    count === 0
      ? 'No other session was open.'
      : count === 1
        ? 'One other session was ended.'
        : `${count} other sessions were ended.`
  const endSession = (id: string) =>
    carryOut(async () => {
      await api.endSession(id)
      return 'The session was ended.'
    })
  const endOthers = () => carryOut(async () => endedText((await api.endOtherSessions()).ended))
  const forget = (id: string) =>
    carryOut(async () => {
      await api.forgetLaidAside(id)
      return 'The file is off the list. It still lies where it was laid.'
    })

  /** Throws the refusal, which the form shows. */
  async function changePassword(form: PasswordRequest): Promise<void> {
    const { ended } = await api.changePassword(form)
    said.value = `Your password was changed. ${endedText(ended)}`
    await load()
  }

  const setMailNews = (news: boolean) =>
    carryOut(async () => {
      await api.setMailNews(news)
      return news ? 'You are told by mail what others give you.' : 'You are told nothing by mail any more.'
    })

  /** Throws the refusal, which the form shows. */
  async function changeEmail(form: EmailRequest): Promise<void> {
    const { email } = await api.changeEmail(form)
    said.value = `You sign in with ${email} from now on.`
    await Promise.all([load(), useSession().load()])
  }

  /** Throws the refusal, which the form shows. */
  async function changeName(form: NameRequest): Promise<void> {
    const { name } = await api.changeName(form)
    said.value = `Others see you as ${name} from now on.`
    await Promise.all([load(), useSession().load()])
  }

  const changes = { changePassword, changeEmail, changeName, setMailNews }
  return { facts, said, others, load, endSession, endOthers, forget, ...changes }
})
