import { describe, expect, it } from 'vitest'
import * as yup from 'yup'
import type { SchemaDescription } from 'yup'
import { newAccountShape } from './account'
import { COMMANDS } from '../core/plan/commands/index'
import { parseCommand } from './command'
import { documentListQueryShape } from './document'
import { findQueryShape } from './find'
import { jsonSchema, openApi } from './openapi'
import { ROUTES } from './routes/index'

const ID = '01900000-0000-7000-8000-000000000001'

describe(parseCommand, () => {
  it('gives the command with what may be left out filled in, and nothing else', async () => {
    expect(
      await parseCommand({ kind: 'move', folderIds: [ID], toFolderId: null, fromFolderId: null, extra: 1 }),
    ).toEqual({
      kind: 'move',
      folderIds: [ID],
      documentIds: [],
      toFolderId: null,
      fromFolderId: null,
      allowTwin: false,
      also: [],
      froms: [],
    })
    expect(
      await parseCommand({
        kind: 'document.file',
        documents: [
          { id: ID, extra: 1 },
          { id: ID, name: 'x' },
        ],
        folderIds: [ID],
      }),
    ).toEqual({
      kind: 'document.file',
      documents: [
        { id: ID, name: null },
        { id: ID, name: 'x' },
      ],
      folderIds: [ID],
      tags: [],
    })
    expect(
      await parseCommand({
        kind: 'folder.numbering',
        id: null,
        numbering: { style: 'A', joined: true, start: 1, step: 1 },
      }),
    ).toEqual({ kind: 'folder.numbering', id: null, numbering: { style: 'A', joined: true, start: 1, step: 1 } })
  })

  it.each<[unknown, string]>([
    [null, 'kind'],
    [{}, 'kind'],
    [{ kind: 'document.add', files: [] }, 'kind'],
    [{ kind: 'toString' }, 'kind'],
    [{ kind: 'folder.rename', id: 'x', name: 'y' }, 'not an id'],
    [{ kind: 'move', documentIds: [ID, 'x'], toFolderId: null, fromFolderId: null }, 'not an id'],
    [{ kind: 'trash', folderIds: [null] }, 'not an id'],
    [{ kind: 'trash', folderIds: 'x' }, 'folderIds'],
    [{ kind: 'bundle.put', id: ID, documentIds: [] }, 'documentIds'],
    [{ kind: 'bundle.put', id: ID, documentIds: Array.from({ length: 50_001 }, () => ID) }, 'documentIds'],
    [{ kind: 'document.names', names: [{ id: ID }] }, 'each is an id with a name'],
    [{ kind: 'document.names', names: [null] }, 'each is an id with a name'],
    [{ kind: 'document.file', documents: [{ id: ID, name: 'x'.repeat(2001) }], folderIds: [ID] }, '2000 characters'],
    [{ kind: 'document.file', documents: [{ id: 'x', name: null }], folderIds: [ID] }, 'each is an id with a name'],
    [{ kind: 'folder.order', id: ID, order: 'random' }, 'order'],
    [{ kind: 'folder.numbering', id: ID, numbering: { style: 'IV', joined: true, start: 1, step: 1 } }, 'style'],
    [{ kind: 'star', on: 'perhaps' }, 'on'],
    [{ kind: 'folder.rename', id: ID, name: 3 }, 'name'],
  ])('refuses %j', async (command, about) => {
    await expect(parseCommand(command)).rejects.toThrow(about)
  })
})

describe('queries', () => {
  it('take text for what it means', async () => {
    expect(await documentListQueryShape.validate({ folder: 'in-tray', descending: 'true', limit: '50' })).toEqual({
      folder: 'in-tray',
      sort: 'name',
      descending: true,
      cursor: null,
      limit: 50,
    })
    expect(await findQueryShape.validate({ q: 'x', typing: 'true', limit: '7' })).toMatchObject({
      q: 'x',
      types: '',
      typing: true,
      exact: false,
      limit: 7,
      cursor: null,
    })
  })

  it.each([{ folder: 'x', limit: '0' }, { folder: 'x', limit: '5000' }, { folder: 'x', sort: 'colour' }, {}])(
    'refuse %j',
    async query => {
      await expect(documentListQueryShape.validate(query)).rejects.toThrow()
    },
  )

  it.each([{ limit: '0' }, { rule: 'x'.repeat(20_001) }, { cursor: 'x'.repeat(501) }])(
    'refuse the search %j',
    async query => {
      await expect(findQueryShape.validate(query)).rejects.toThrow()
    },
  )
})

describe('the form of a new account', () => {
  it.each([
    [{ email: 'a@b.example', password: 'long enough' }, ''],
    [{ email: 'nobody', password: 'long enough' }, 'e-mail'],
    [{ email: 'a@b.example', password: 'short' }, '10 characters'],
    [{ email: '', password: 'long enough' }, 'Type your'],
  ])('%j', async (form, complaint) => {
    const outcome = await newAccountShape.validate(form).then(
      () => '',
      (error: unknown) => (error as Error).message,
    )
    expect(outcome.includes(complaint) && (complaint !== '' || outcome === '')).toBe(true)
  })
})

describe(jsonSchema, () => {
  it('says types, bounds, choices, what may be null and what must be there', () => {
    const shape = yup.object({
      name: yup.string().max(5).required(),
      sort: yup
        .string()
        .oneOf(['a', 'b'] as const)
        .default('a'),
      count: yup.number().min(1).nullable().defined(),
      many: yup.array(yup.string().required()).required(),
    })
    expect(jsonSchema(shape.describe() as SchemaDescription)).toEqual({
      type: 'object',
      properties: {
        name: { type: 'string', maxLength: 5 },
        sort: { type: 'string', enum: ['a', 'b'], default: 'a' },
        count: { type: ['number', 'null'], minimum: 1 },
        many: { type: 'array', items: { type: 'string' } },
      },
      required: ['name', 'count', 'many'],
    })
  })
})

describe(openApi, () => {
  const api = openApi() as {
    paths: Record<string, Record<string, { parameters: { name: string; in: string }[] }>>
    components: { schemas: { Command: { oneOf: { properties: { kind: { const: string } } }[] } } }
  }

  it('has every route with its parts of path and query', () => {
    expect(Object.values(api.paths).reduce((sum, methods) => sum + Object.keys(methods).length, 0)).toBe(ROUTES.length)
    expect(api.paths['/api/documents/{id}/content']?.get?.parameters.map(part => [part.name, part.in])).toEqual([
      ['id', 'path'],
    ])
    expect(api.paths['/api/documents']?.get?.parameters.map(part => part.name)).toEqual([
      'folder',
      'sort',
      'descending',
      'cursor',
      'limit',
    ])
  })

  it('says what the items of long lists are', () => {
    const file = api.components.schemas.Command.oneOf.find(shape => shape.properties.kind.const === 'document.file')
    expect(file?.properties).toMatchObject({
      documents: {
        type: 'array',
        minItems: 1,
        maxItems: 50_000,
        items: { properties: { name: { type: ['string', 'null'] } } },
      },
      folderIds: { items: { type: 'string' } },
    })
  })

  it('has every command', () => {
    expect(api.components.schemas.Command.oneOf.map(shape => shape.properties.kind.const)).toEqual(
      COMMANDS.filter(({ shape }) => shape).map(({ kind }) => kind),
    )
  })
})
