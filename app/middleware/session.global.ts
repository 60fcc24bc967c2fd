import { useSession } from '../stores/session'

// Without a session every page leads to the sign-in, which leads back; what a link gives is for whoever has it.
export default defineNuxtRouteMiddleware(async to => {
  if (to.path.startsWith('/from/')) return
  const session = useSession()
  if (session.session.state === 'idle') await session.load()
  if (session.session.state === 'error') return
  if (session.email === null && to.path !== '/sign-in')
    return navigateTo({ path: '/sign-in', query: to.path === '/' ? {} : { to: to.fullPath } })
  if (session.email !== null && (to.path === '/sign-in' || to.path === '/')) return navigateTo('/plan')
})
