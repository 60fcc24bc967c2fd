// Requests made of the contract: mostly as the shapes say, with hostile values among them.

import fc from 'fast-check'
import type { SchemaDescription } from 'yup'
import { v4, v7 } from 'uuid'
import { COMMANDS } from '../../core/plan/commands/index'
import { jsonSchema } from '../../contract/openapi'
import type { Route } from '../../contract/routes/index'

type Schema = Readonly<Record<string, unknown>>

const HOSTILE_TEXTS = [
  '',
  ' ',
  '\0',
  '\ud800',
  'a\udc00b',
  '\u202egpj.exe',
  '..',
  '../../etc/passwd',
  'null',
  'NaN',
  '-1',
  '1e999',
  '9999999999999999999',
  "'; DROP TABLE plan; --",
  '%',
  '%ff',
  '{{',
  '<script>',
  '0000-00-00T00:00:00Z',
  '+275760-09-13T00:00:01Z',
  '2026-02-31T25:61:00Z',
  '0001-01-01T00:00:00Z',
  'x'.repeat(5000),
  '𝕏'.repeat(300),
  '__proto__',
  'constructor',
]
const HOSTILE_VALUES: readonly unknown[] = [
  null,
  true,
  0,
  -1,
  1.5,
  1e308,
  Number.MAX_SAFE_INTEGER,
  2 ** 40,
  [],
  {},
  [[[[]]]],
  { __proto__: null, toString: 'x' },
  [null],
  '\ud800',
  '',
]

/** `ids` are real ones: the person's own and a stranger's. */
function valueOf(schema: Schema, ids: readonly string[], depth = 0): fc.Arbitrary<unknown> {
  const hostile = fc.oneof(
    fc.constantFrom(...HOSTILE_VALUES),
    fc.constantFrom(...HOSTILE_TEXTS),
    fc.jsonValue({ maxDepth: 3 }),
  )
  return fc.oneof({ weight: 6, arbitrary: soundValueOf(schema, ids, depth) }, { weight: 1, arbitrary: hostile })
}

function soundValueOf(schema: Schema, ids: readonly string[], depth: number): fc.Arbitrary<unknown> {
  const type = Array.isArray(schema.type) ? (schema.type[0] as string) : (schema.type as string | undefined)
  const id = fc.oneof(fc.constantFrom(...ids), fc.constant(v7()), fc.constant(v4()))
  if (Array.isArray(schema.enum)) return fc.constantFrom(...(schema.enum as unknown[]))
  if (type === 'object') return objectOf(schema, ids, depth)
  if (type === 'array') return fc.array(valueOf((schema.items ?? {}) as Schema, ids, depth + 1), { maxLength: 4 })
  if (type === 'number' || type === 'integer') return fc.oneof(fc.integer({ min: -10, max: 3000 }), fc.double())
  if (type === 'boolean') return fc.boolean()
  if (type === 'string')
    return fc.oneof(
      id,
      fc.string(),
      fc.constantFrom('in-tray', ...HOSTILE_TEXTS),
      fc.date({ noInvalidDate: true }).map(date => date.toISOString()),
    )
  return fc.oneof(
    id,
    fc.jsonValue({ maxDepth: 2 }),
    fc.dictionary(
      fc.constantFrom('q', 'rule', 'places', 'types', 'sort', 'when', 'last', 'from', 'before'),
      fc.constantFrom(...HOSTILE_TEXTS),
    ),
  )
}

function objectOf(schema: Schema, ids: readonly string[], depth: number): fc.Arbitrary<Record<string, unknown>> {
  const properties = Object.entries((schema.properties ?? {}) as Record<string, Schema>)
  return fc.record(
    Object.fromEntries(properties.map(([name, property]) => [name, valueOf(property, ids, depth + 1)])),
    { requiredKeys: properties.slice(1).map(([name]) => name) },
  )
}

const schemaOf = (shape: { describe: () => unknown }): Schema => jsonSchema(shape.describe() as SchemaDescription)

export interface Request {
  readonly method: string
  readonly path: string
  readonly body: string | null
}

/** The same for the same seed, but for new ids. */
export function requestsTo(route: Route, ids: readonly string[], count: number, seed: number): Request[] {
  const parts = fc.oneof(
    { weight: 4, arbitrary: fc.constantFrom(...ids) },
    { weight: 1, arbitrary: fc.constantFrom('1', '0', '-1', 'x', '%00', '%ED%A0%80', v7(), '99999999999999999999') },
  )
  const path = fc.array(parts, { minLength: 2, maxLength: 2 }).map(chosen => {
    let at = 0
    return route.path.replace(/\{\w+\}/g, () => chosen[at++] ?? '')
  })
  const query = route.query ? objectOf(schemaOf(route.query), ids, 0).map(queryText) : fc.constantFrom('', '?x=1')
  return fc
    .sample(fc.record({ path, query, body: bodyTextOf(route, ids) }), { numRuns: count, seed })
    .map(made => ({ method: route.method, path: made.path + made.query, body: made.body }))
}

function bodyTextOf(route: Route, ids: readonly string[]): fc.Arbitrary<string | null> {
  if (route.method === 'GET' || route.method === 'DELETE' || !route.body) return fc.constant(null)
  if (route.body === 'bytes') return fc.constantFrom('', 'bytes', '\ud800')
  const body =
    route.path === '/api/changes'
      ? fc.record({ id: fc.oneof(fc.constant(v7()), fc.constantFrom(...ids)), command: commandOf(ids) })
      : valueOf(schemaOf(route.body), ids)
  return fc.oneof(
    { weight: 12, arbitrary: body.map(value => JSON.stringify(value)) },
    { weight: 1, arbitrary: fc.constantFrom('', '{', '[', 'null', '"', '['.repeat(60_000), '{"a":'.repeat(100), '\0') },
  )
}

function commandOf(ids: readonly string[]): fc.Arbitrary<unknown> {
  return fc.oneof(
    ...COMMANDS.flatMap(({ kind, shape }) =>
      shape ? [objectOf(schemaOf(shape), ids, 0).map(command => ({ ...command, kind }))] : [],
    ),
  )
}

function queryText(values: Readonly<Record<string, unknown>>): string {
  return `?${Object.entries(values)
    .map(([name, value]) => `${name}=${encodeURIComponent(textOf(value))}`)
    .join('&')}`
}

function textOf(value: unknown): string {
  const text = typeof value === 'string' ? value : String(JSON.stringify(value))
  return text.slice(0, 3000).replace(/\p{Surrogate}/gu, '\ufffd')
}

/** Commands of one kind that are as its shape says, with an id out of `ids` wherever a text can stand. */
export function commandsNaming(kind: string, ids: readonly string[], count: number, seed: number): unknown[] {
  const shape = COMMANDS.find(command => command.kind === kind)?.shape
  if (!shape) return []
  return fc
    .sample(namingOf(schemaOf(shape), ids), { numRuns: count, seed })
    .map(command => ({ ...(command as object), kind }))
}

function namingOf(schema: Schema, ids: readonly string[]): fc.Arbitrary<unknown> {
  const type = Array.isArray(schema.type) ? (schema.type[0] as string) : (schema.type as string | undefined)
  if (Array.isArray(schema.enum)) return fc.constantFrom(...(schema.enum as unknown[]))
  if (type === 'object')
    return fc.record(
      Object.fromEntries(
        Object.entries((schema.properties ?? {}) as Record<string, Schema>).map(([name, property]) => [
          name,
          namingOf(property, ids),
        ]),
      ),
    )
  if (type === 'array') return fc.array(namingOf((schema.items ?? {}) as Schema, ids), { minLength: 1, maxLength: 3 })
  if (type === 'number' || type === 'integer') return fc.integer({ min: 0, max: 9 })
  if (type === 'boolean') return fc.boolean()
  return fc.constantFrom(...ids)
}
