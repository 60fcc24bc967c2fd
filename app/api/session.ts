import type {
  AccountFacts,
  DeletionRequest,
  EmailRequest,
  NameRequest,
  NewAccount,
  PasswordRequest,
  SessionState,
  SignIn,
} from '../../contract/account'
import { call } from './http'

export const readSession = () => call<SessionState>('GET', '/api/session')
export const signIn = (form: SignIn) => call<SessionState>('POST', '/api/session', { body: form })
export const openDemo = (name: string) => call<SessionState>('POST', '/api/session/demo', { body: { name } })
export const createAccount = (form: NewAccount) => call<SessionState>('POST', '/api/accounts', { body: form })
export const workIn = (planId: string | null) => call<object>('PUT', '/api/session/plan', { body: { planId } })
export const signOut = () => call<SessionState>('DELETE', '/api/session')

export const readAccount = () => call<AccountFacts>('GET', '/api/account')
export const changePassword = (form: PasswordRequest) =>
  call<{ ended: number }>('PUT', '/api/account/password', { body: form })
export const setMailNews = (news: boolean) => call<{ news: boolean }>('PUT', '/api/account/mail', { body: { news } })
export const changeName = (form: NameRequest) => call<{ name: string }>('PUT', '/api/account/name', { body: form })
export const changeEmail = (form: EmailRequest) => call<{ email: string }>('PUT', '/api/account/email', { body: form })
export const deleteAccount = (form: DeletionRequest) =>
  call<{ documents: number; bytes: number }>('POST', '/api/account/deletion', { body: form })
export const endSession = (id: string) => call<object>('DELETE', `/api/account/sessions/${id}`)
export const endOtherSessions = () => call<{ ended: number }>('DELETE', '/api/account/sessions')
export const forgetLaidAside = (id: string) => call<object>('DELETE', `/api/account/laid-aside/${id}`)
