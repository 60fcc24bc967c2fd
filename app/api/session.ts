import type { NewAccount, SessionState, SignIn } from '../../contract/account'
import { call } from './http'

export const readSession = () => call<SessionState>('GET', '/api/session')
export const signIn = (form: SignIn) => call<SessionState>('POST', '/api/session', { body: form })
export const openDemo = () => call<SessionState>('POST', '/api/session/demo', { body: {} })
export const createAccount = (form: NewAccount) => call<SessionState>('POST', '/api/accounts', { body: form })
export const signOut = () => call<SessionState>('DELETE', '/api/session')
export const readHealth = () => call<{ status: string }>('GET', '/api/health')
