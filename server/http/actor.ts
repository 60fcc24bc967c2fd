import type { H3Event } from 'h3'
import { deleteCookie, getCookie, setCookie } from 'h3'
import { fail } from '../../core/errors'
import { isSecure } from './origin'

const COOKIE = 'hembix_session'

export function tokenOf(event: H3Event): string | null {
  return getCookie(event, COOKIE) ?? null
}

/** Puts the session's token into a cookie that scripts cannot read and other sites cannot send. */
export function keepToken(event: H3Event, token: string, expires: Date): void {
  setCookie(event, COOKIE, token, { httpOnly: true, sameSite: 'lax', path: '/', expires, secure: isSecure(event) })
}

export function dropToken(event: H3Event): void {
  deleteCookie(event, COOKIE, { path: '/' })
}

/** Who asks, by the given lookup. Throws session.missing. */
export async function signedIn<A>(event: H3Event, whoIs: (token: string) => Promise<A | null>): Promise<A> {
  const token = tokenOf(event)
  return (token === null ? null : await whoIs(token)) ?? fail('session.missing')
}

const UNLOCKED = 'hembix_link'

/** That this browser has said the passphrase of a link: sent back to what that link gives, and nowhere else. */
export function keepUnlocked(event: H3Event, secret: string, token: string): void {
  const path = `/api/shared/${secret}`
  setCookie(event, UNLOCKED, token, { httpOnly: true, sameSite: 'strict', path, secure: isSecure(event) })
}

export const unlockedWith = (event: H3Event): string | null => getCookie(event, UNLOCKED) ?? null
