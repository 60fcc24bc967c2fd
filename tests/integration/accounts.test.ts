import { describe, expect, it } from 'vitest'
import { v7 } from 'uuid'
import type { Found } from '../../contract/find'
import type { SessionState } from '../../contract/account'
import type { Refused } from '../support/client'
import { BASE, Client, newClient, PASSWORD } from '../support/client'

describe('an account', () => {
  it('is made, stays signed in, and is refused once its session is ended', async () => {
    const client = await newClient()
    expect((await client.get<SessionState>('/api/session')).body.account).toEqual({
      email: client.email,
      name: '',
      isGuest: false,
    })
    const old = client.cookie
    await client.send('DELETE', '/api/session')
    client.cookie = old
    expect((await client.get<Refused>('/api/plan')).body.code).toBe('session.missing')
  })

  it('signs in with its password and not with another', async () => {
    const { email } = await newClient()
    const right = await new Client().send<SessionState>('POST', '/api/session', {
      email: email.toUpperCase(),
      password: PASSWORD,
    })
    const wrong = await new Client().send<Refused>('POST', '/api/session', { email, password: 'something else' })
    expect([right.status, wrong.status, wrong.body.code]).toEqual([200, 401, 'session.wrong'])
  })

  it('is not made twice, nor with a bad address or a short password', async () => {
    const { email } = await newClient()
    const make = async (form: object) => (await new Client().send<Refused>('POST', '/api/accounts', form)).body
    expect((await make({ email, password: PASSWORD })).code).toBe('account.taken')
    expect((await make({ email: 'nobody', password: PASSWORD })).message).toContain('e-mail address')
    expect((await make({ email: 'short@test.example', password: 'short' })).message).toContain('at least 10')
  })

  it('slows down guessing, also when sixty try at once, and lets the rightful person in a little later', async () => {
    const { email } = await newClient()
    const guess = async () =>
      (await new Client().send<Refused>('POST', '/api/session', { email, password: 'wrong wrong' })).body
    const replies = await Promise.all(Array.from({ length: 60 }, guess))
    expect(replies.filter(({ code }) => code === 'session.wrong')).toHaveLength(6)
    const refused = replies.filter(({ code }) => code === 'session.throttled')
    expect(refused).toHaveLength(54)
    for (const { message } of refused)
      expect(message).toMatch(/^Too many attempts\. Try again in (a second|2 seconds)\.$/)
    const signIn = async () => (await new Client().send('POST', '/api/session', { email, password: PASSWORD })).status
    while ((await signIn()) !== 200) await new Promise(resolve => setTimeout(resolve, 200))
    expect((await guess()).code).toBe('session.wrong') // the right password wiped the slate clean
  })

  it('is not made with a password that is easy to guess, or that is its address', async () => {
    const make = async (email: string, password: string) =>
      (await new Client().send<Refused>('POST', '/api/accounts', { email, password })).body
    expect((await make('weak@test.example', 'password1234')).code).toBe('password.weak')
    expect((await make('orla.venn@test.example', 'orla.venn@test.example!')).message).toContain('it holds your address')
    expect((await make('keys@test.example', 'qwertzuiopasdf')).code).toBe('password.weak')
  })
})

describe('sessions', () => {
  interface Facts {
    readonly email: string
    readonly sessions: { id: string; current: boolean; agent: string }[]
    readonly quota: { usedBytes: number; limitBytes: number }
  }
  const signedIn = async (email: string, password = PASSWORD) => {
    const client = new Client()
    await client.send('POST', '/api/session', { email, password }, { 'user-agent': 'a test' })
    return client
  }
  const isIn = async (client: Client) => (await client.get('/api/plan')).status === 200

  it('are listed, ended one by one, and all others at once', async () => {
    const first = await newClient()
    const [second, third] = [await signedIn(first.email), await signedIn(first.email)]
    const { sessions, quota } = (await first.get<Facts>('/api/account')).body
    expect([
      sessions.length,
      sessions.filter(({ current }) => current).length,
      sessions.filter(({ agent }) => agent === 'a test').length,
      quota.usedBytes,
    ]).toEqual([3, 1, 2, 0])
    const other = sessions.find(({ agent }) => agent === 'a test')
    const stranger = await newClient()
    expect((await stranger.send('DELETE', `/api/account/sessions/${other?.id}`)).status).toBe(404)
    expect((await first.send('DELETE', `/api/account/sessions/${other?.id}`)).status).toBe(200)
    expect((await Promise.all([second, third].map(isIn))).filter(isSignedIn => isSignedIn)).toHaveLength(1)
    expect((await first.send('DELETE', '/api/account/sessions')).body).toEqual({ ended: 1 })
    expect(await Promise.all([first, second, third].map(isIn))).toEqual([true, false, false])
  })

  it('are all ended by a new password, but the one that sets it', async () => {
    const first = await newClient()
    const second = await signedIn(first.email)
    const next = 'another rather lengthy secret'
    expect(
      (await first.send<Refused>('PUT', '/api/account/password', { current: 'not this one', next })).body.code,
    ).toBe('session.wrong')
    expect(
      (await first.send<Refused>('PUT', '/api/account/password', { current: PASSWORD, next: '1234567890' })).body.code,
    ).toBe('password.weak')
    expect((await first.send('PUT', '/api/account/password', { current: PASSWORD, next })).body).toEqual({ ended: 1 })
    expect([
      await isIn(first),
      await isIn(second),
      await isIn(await signedIn(first.email)),
      await isIn(await signedIn(first.email, next)),
    ]).toEqual([true, false, false, true])
  })
})

describe('every route', () => {
  it('that changes a plan does not touch a stranger’s folders and documents', async () => {
    const owner = await newClient()
    const folder = await owner.folder('Private')
    const { id } = await owner.upload('secret.txt', 'x', folder)
    const stranger = await newClient()
    const codes = await Promise.all([
      stranger.try({ kind: 'folder.rename', id: folder, name: 'Mine now', allowTwin: false }),
      stranger.try({ kind: 'folder.create', id: v7() as never, parentId: folder, name: 'Inside', allowTwin: false }),
      stranger.try({ kind: 'trash', folderIds: [folder], documentIds: [] }),
      stranger.try({ kind: 'document.rename', id, name: 'Mine now' }),
      stranger.try({ kind: 'star', folderIds: [], documentIds: [id], on: true }),
      stranger.try({
        kind: 'move',
        folderIds: [],
        documentIds: [id],
        toFolderId: null,
        fromFolderId: null,
        allowTwin: false,
      }),
      stranger.upload('into.txt', 'x', folder),
      stranger.send<Refused>('GET', `/api/documents/${id}`),
    ])
    expect(codes.map(reply => (reply.body as Refused).code)).toEqual(codes.map(() => 'notFound'))
    expect((await stranger.get<Found>(`/api/find?places=${folder}`)).body.documents).toEqual([])
    expect((await owner.outline()).folders.map(row => row.name)).toEqual(['Private'])
  })

  it('that writes refuses a request from another site', async () => {
    const client = await newClient()
    const foreign = await client.send<Refused>(
      'POST',
      '/api/changes/undo',
      { id: v7() },
      { origin: 'https://elsewhere.example' },
    )
    expect([foreign.status, foreign.body.code]).toEqual([403, 'request.foreign'])
  })
})

describe('GET /api/health', () => {
  it('says ok while the database answers', async () => {
    const response = await fetch(`${BASE}/api/health`)
    expect([response.status, await response.json()]).toEqual([200, { status: 'ok' }])
  })
})

describe('one’s own account', () => {
  it('signs in with another address once that is changed, and not with one that is taken', async () => {
    const [client, other] = [await newClient(), await newClient()]
    const email = `moved-${v7()}@test.example`
    const change = (form: object) => client.send<Refused & { email: string }>('PUT', '/api/account/email', form)
    expect((await change({ email, password: 'not my password' })).body.code).toBe('session.wrong')
    expect((await change({ email: other.email, password: PASSWORD })).body.code).toBe('account.taken')
    expect((await change({ email: email.toUpperCase(), password: PASSWORD })).body).toEqual({ email })
    const signIn = async (address: string) =>
      (await new Client().send('POST', '/api/session', { email: address, password: PASSWORD })).status
    expect([await signIn(email), await signIn(client.email)]).toEqual([200, 401])
  })

  it('is deleted with everything by its password and the name of its plan, and by nothing less', async () => {
    const client = await newClient()
    const { id } = await client.upload('letter.txt', 'a letter')
    const remove = (form: object) => client.send<Refused & { documents: number }>('POST', '/api/account/deletion', form)
    expect((await remove({ planName: 'My plan', password: 'not my password' })).body.code).toBe('session.wrong')
    expect((await remove({ planName: 'Another', password: PASSWORD })).body.message).toBe(
      'The plan is called “My plan”. Type it just so.',
    )
    const old = client.cookie
    expect((await remove({ planName: 'My plan', password: PASSWORD })).body).toMatchObject({ documents: 1 })
    client.cookie = old
    expect((await client.get<Refused>(`/api/documents/${id}`)).body.code).toBe('session.missing')
    const again = { email: client.email, password: PASSWORD }
    expect((await new Client().send('POST', '/api/session', again)).status).toBe(401)
    expect((await new Client().send('POST', '/api/accounts', again)).status).toBe(200)
  })
})
