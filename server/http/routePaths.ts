import { ROUTES } from '../../contract/routes/index'

const PATHS = ROUTES.map(({ method, path }) => ({
  method,
  path,
  pattern: new RegExp(`^${path.replace(/[.]/g, '\\.').replace(/\{\w+\}/g, '[^/]+')}$`),
}))

/** The methods of all routes with this path: `/api/documents/ids` is also one of `/api/documents/{id}`. */
export function methodsOf(path: string): string[] {
  return [...new Set(PATHS.filter(({ pattern }) => pattern.test(path)).map(({ method }) => method))]
}

/** The route of a path, by which requests are counted: without ids, and few in number whatever is asked. */
export function routeOf(path: string): string {
  const fitting = PATHS.filter(({ pattern }) => pattern.test(path)).map(route => route.path)
  return (
    fitting.find(route => route === path) ??
    fitting[0] ??
    (path.startsWith('/api') ? '/api (unknown)' : path.startsWith('/_nuxt') ? '/_nuxt' : 'page')
  )
}
