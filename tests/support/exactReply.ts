// Replies against the contract: nothing missing, nothing of the wrong kind, nothing that it does not name.

import type { AnySchema } from 'yup'
import { ArraySchema, ObjectSchema, ValidationError } from 'yup'
import type { Route } from '../../contract/routes/index'
import { ROUTES } from '../../contract/routes/index'

// Of long lists, so many items are looked at.
const LOOKED_AT = 200

const PATTERNS = ROUTES.map(route => ({ route, pattern: new RegExp(`^${route.path.replace(/\{\w+\}/g, '[^/]+')}$`) }))

/** The route that a request goes to; the one with fewer parameters where two fit. */
export function routeOf(method: string, path: string): Route | undefined {
  const [plain = ''] = path.split('?')
  return PATTERNS.filter(({ route, pattern }) => route.method === method && pattern.test(plain))
    .map(({ route }) => route)
    .sort((a, b) => a.path.split('{').length - b.path.split('{').length)[0]
}

/**
 * What is wrong with the body of a reply, in words; empty where it is as the contract says, or the contract says
 * nothing.
 */
export function wrongInReply(method: string, path: string, body: unknown): string[] {
  const shape = routeOf(method, path)?.reply
  if (!shape || typeof shape === 'string') return []
  return [...wrongKinds(shape, body), ...unnamed(shape, body, '')]
}

/** Throws where the body of a reply is not as the contract says. */
export function expectExact(method: string, path: string, body: unknown): void {
  const wrong = wrongInReply(method, path, body)
  if (wrong.length > 0)
    throw new Error(`The reply of ${method} ${path} is not as the contract says: ${wrong.slice(0, 5).join('; ')}`)
}

function wrongKinds(shape: AnySchema, body: unknown): string[] {
  try {
    shape.validateSync(body, { strict: true, abortEarly: false })
    return []
  } catch (error) {
    if (error instanceof ValidationError) return error.errors
    throw error
  }
}

/** Parts of the value that the shape does not name. */
export function unnamed(shape: unknown, value: unknown, path: string): string[] {
  if (Array.isArray(value))
    return shape instanceof ArraySchema
      ? value.slice(0, LOOKED_AT).flatMap((item, index) => unnamed(shape.innerType, item, `${path}[${index}]`))
      : []
  if (!(shape instanceof ObjectSchema) || value === null || typeof value !== 'object') return []
  const fields = shape.fields as Readonly<Record<string, unknown>>
  return Object.entries(value).flatMap(([key, part]) =>
    key in fields ? unnamed(fields[key], part, `${path}.${key}`) : [`${path}.${key} is not in the contract`],
  )
}
