// The only place that opens connections to PostgreSQL.

import pg from 'pg'
import { literal, Op, QueryTypes, Sequelize } from 'sequelize'
import type { Transaction } from 'sequelize'

export { literal, Op }
export type { Transaction }

let opened: Sequelize | null = null

export function databaseUrl(): string {
  const url = process.env.DATABASE_URL
  if (!url)
    throw new Error('DATABASE_URL is not set. Start Hembix with "npm start", or set it to a PostgreSQL address.')
  return url
}

export function database(): Sequelize {
  if (opened) return opened
  opened = new Sequelize(databaseUrl(), {
    dialect: 'postgres',
    dialectModule: { ...pg, Client: PreparingClient },
    logging: false,
    pool: { max: 12, min: 1, idle: 30_000, acquire: 15_000 },
    // Bounded work for each request: no parallel workers, no just-in-time compilation.
    dialectOptions: { options: '-c jit=off -c max_parallel_workers_per_gather=0 -c work_mem=32MB' },
  })
  return opened
}

const PREPARED = /^-- prepared (\S+)\n/

/**
 * A statement that each connection plans once and not every time, for those that look rows up by their ids: their plan
 * is the same whatever is asked. The name stands for this very text.
 */
export function prepared(name: string, sql: string): string {
  return `-- prepared ${name}\n${sql}`
}

/** Sequelize gives texts only; those that are to be prepared go on to PostgreSQL under their name. */
class PreparingClient extends pg.Client {
  override query: pg.Client['query'] = (text: unknown, ...others: unknown[]) => {
    const name = typeof text === 'string' ? PREPARED.exec(text)?.[1] : undefined
    const sent = name === undefined ? text : { name, text }
    return Reflect.apply(super.query, this, [sent, ...others]) as never // one of the forms that query has
  }
}

export async function closeDatabase(): Promise<void> {
  const closing = opened
  opened = null
  await closing?.close()
}

/** Connections that this process holds to PostgreSQL. */
export function openConnections(): { open: number; idle: number } {
  // known to the package, not to its types
  const pool = (database().connectionManager as unknown as { pool: { size: number; available: number } }).pool
  return { open: pool.size, idle: pool.available }
}

/** The model of this name on the open database, defined the first time it is asked for. */
export function modelOnce<M>(name: string, define: (sequelize: Sequelize) => M): M {
  const sequelize = database()
  return (sequelize.models[name] as M | undefined) ?? define(sequelize)
}

/** Runs `work` in one transaction: committed when it returns, rolled back when it throws. */
export function withTransaction<T>(work: (transaction: Transaction) => Promise<T>): Promise<T> {
  return database().transaction(work)
}

/** One statement with `$1`-style parameters; its rows. `null` runs it outside a transaction. */
export async function rows<Row extends object>(
  transaction: Transaction | null,
  sql: string,
  bind: readonly unknown[] = [],
): Promise<Row[]> {
  return database().query<Row>(sql, { bind: [...bind], transaction, type: QueryTypes.SELECT })
}

/** One statement; how many rows it touched. */
export async function execute(
  transaction: Transaction | null,
  sql: string,
  bind: readonly unknown[] = [],
): Promise<number> {
  // RAW keeps Sequelize from guessing the kind of statement by its first word, which changes what it gives back.
  const [, result] = await database().query(sql, { bind: [...bind], transaction, type: QueryTypes.RAW })
  return typeof result === 'number' ? result : ((result as { rowCount?: number | null }).rowCount ?? 0)
}

/** A connection of its own, for LISTEN; the caller ends it. */
export function newConnection(): pg.Client {
  return new pg.Client({ connectionString: databaseUrl(), keepAlive: true })
}

/** Whether a statement failed because what has to be there once is there already (SQLSTATE 23505). */
export function isUniqueViolation(error: unknown): boolean {
  return (error as { parent?: { code?: string } }).parent?.code === '23505'
}
