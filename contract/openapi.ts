// The OpenAPI 3.1 document, made of the shapes that the routes check with.

import type { AnySchema, SchemaDescription } from 'yup'
import { ERRORS } from '../core/errors'
import { COMMANDS } from '../core/plan/commands/index'
import type { Route } from './routes/index'
import { ROUTES } from './routes/index'

type Json = Record<string, unknown>

export function openApi(): Json {
  const paths: Record<string, Json> = {}
  for (const route of ROUTES) {
    const path = (paths[route.path] ??= {})
    path[route.method.toLowerCase()] = operation(route)
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Hembix',
      version: '1',
      description:
        'Build, number and colour a plan of folders, file documents into it, find them again. See docs/api.md.',
    },
    paths,
    components: {
      securitySchemes: { session: { type: 'apiKey', in: 'cookie', name: 'hembix_session' } },
      schemas: {
        Error: {
          type: 'object',
          required: ['code', 'message', 'details'],
          properties: {
            code: { type: 'string', enum: Object.keys(ERRORS) },
            message: { type: 'string' },
            details: { type: 'object' },
          },
        },
        Command: {
          oneOf: COMMANDS.flatMap(({ kind, shape }) =>
            shape ? [withKind(kind, jsonSchema(shape.describe() as SchemaDescription))] : [],
          ),
        },
      },
    },
  }
}

function operation(route: Route): Json {
  const parts = [...route.path.matchAll(/\{(\w+)\}/g)].map(match => ({
    name: match[1],
    in: 'path',
    required: true,
    schema: match[1] === 'page' ? { type: 'integer', minimum: 1 } : { type: 'string', format: 'uuid' },
  }))
  return {
    summary: route.summary,
    ...(route.signedIn ? { security: [{ session: [] }] } : {}),
    parameters: [...parts, ...(route.query ? queryParameters(route.query) : [])],
    ...(route.body ? { requestBody: { required: true, content: content(route.body, route.path) } } : {}),
    responses: {
      200: { description: 'Done', ...(route.reply ? { content: content(route.reply, '') } : {}) },
      default: {
        description: 'Refused',
        content: { 'application/json': { schema: { $ref: '#/components/schemas/Error' } } },
      },
    },
  }
}

function content(shape: NonNullable<Route['reply']>, path: string): Json {
  if (shape === 'bytes') return { 'application/octet-stream': {} }
  if (shape === 'events') return { 'text/event-stream': {} }
  if (shape === 'text') return { 'text/plain': {} }
  if (shape === 'json') return { 'application/json': {} }
  const schema = jsonSchema(shape.describe() as SchemaDescription)
  if (path === '/api/changes') (schema.properties as Json).command = { $ref: '#/components/schemas/Command' }
  return { 'application/json': { schema } }
}

function queryParameters(shape: AnySchema): Json[] {
  const { properties, required } = jsonSchema(shape.describe() as SchemaDescription) as {
    properties: Record<string, Json>
    required?: string[]
  }
  return Object.entries(properties).map(([name, schema]) => ({
    name,
    in: 'query',
    required: required?.includes(name) ?? false,
    schema,
  }))
}

function withKind(kind: string, schema: Json): Json {
  return {
    ...schema,
    properties: { kind: { const: kind }, ...(schema.properties as Json) },
    required: ['kind', ...((schema.required as string[] | undefined) ?? [])],
  }
}

/** JSON Schema of a yup description: types, nullability, choices, bounds. */
export function jsonSchema(described: SchemaDescription): Json {
  const type = described.type === 'mixed' ? undefined : described.type === 'date' ? 'string' : described.type
  const schema: Json = type === undefined ? {} : { type: described.nullable ? [type, 'null'] : type }
  const choices = described.oneOf.filter(choice => choice !== undefined)
  if (choices.length > 0) schema.enum = choices
  if (described.default !== undefined && type !== 'object') schema.default = described.default
  for (const test of described.tests) {
    if (test.name === 'min')
      schema[type === 'string' ? 'minLength' : type === 'array' ? 'minItems' : 'minimum'] = test.params?.min
    if (test.name === 'max')
      schema[type === 'string' ? 'maxLength' : type === 'array' ? 'maxItems' : 'maximum'] = test.params?.max
    if (test.name === 'datetime') schema.format = 'date-time'
    if (test.name === 'email') schema.format = 'email'
  }
  if ('fields' in described) {
    const fields = described.fields as Record<string, SchemaDescription>
    schema.properties = Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, jsonSchema(field)]))
    const required = Object.entries(fields)
      .filter(([, field]) => !field.optional && field.default === undefined)
      .map(([name]) => name)
    if (required.length > 0) schema.required = required
  }
  if (described.meta) Object.assign(schema, described.meta)
  if ('innerType' in described && described.innerType)
    schema.items = jsonSchema(described.innerType as SchemaDescription)
  return schema
}
