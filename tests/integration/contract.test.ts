import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { documentShape, documentListShape } from '../../contract/document'
import { foundShape } from '../../contract/find'
import { outlineShape } from '../../contract/plan'
import { ROUTES } from '../../contract/routes/index'
import { ERRORS } from '../../core/errors'
import { Client, newClient } from '../support/client'

describe('the contract', () => {
  it('holds for what the routes really give', async () => {
    const client = await newClient()
    const folder = await client.folder('Office')
    const { id } = await client.upload('notes.txt', 'shore power', folder)
    await client.whenRead(id)
    await outlineShape.validate(await client.outline(), { strict: true })
    await documentListShape.validate(await client.documentsIn(folder), { strict: true })
    await documentShape.validate(await client.document(id), { strict: true })
    const { body } = await client.get('/api/find?q=shore')
    await expect(foundShape.validate(body, { strict: true })).resolves.toBeDefined()
  })

  it('is given as OpenAPI with every route', async () => {
    const { body } = await new Client().get<{ openapi: string; paths: Record<string, Record<string, unknown>> }>(
      '/api/openapi.json',
    )
    expect(body.openapi).toBe('3.1.0')
    expect(ROUTES.every(({ path, method }) => body.paths[path]?.[method.toLowerCase()] !== undefined)).toBe(true)
  })

  it('is what docs/api.md says: every route, every error code', () => {
    const docs = readFileSync(new URL('../../docs/api.md', import.meta.url), 'utf8')
    expect(
      ROUTES.filter(({ method, path }) => !docs.includes(`\`${method} ${path}\``)).map(route => route.path),
    ).toEqual([])
    const listed = [...docs.matchAll(/^\| `([\w.]+)` \| (\d{3}) \|/gm)].map(match => `${match[1]} ${match[2]}`)
    expect(listed.sort()).toEqual(
      Object.entries(ERRORS)
        .map(([code, { status }]) => `${code} ${status}`)
        .sort(),
    )
  })
})
