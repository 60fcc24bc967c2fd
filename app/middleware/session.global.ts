import { useSession } from '../stores/session'

// Without a session every page leads to the sign-in, which leads back.
export default defineNuxtRouteMiddleware(async to => {
  const session = useSession()
  if (session.session.state === 'idle') await session.load()
  if (session.session.state === 'error') return
  if (session.email === null && to.path !== '/sign-in')
    return navigateTo({ path: '/sign-in', query: to.path === '/' ? {} : { to: to.fullPath } })
  if (session.email !== null && (to.path === '/sign-in' || to.path === '/')) return navigateTo('/plan')
})
