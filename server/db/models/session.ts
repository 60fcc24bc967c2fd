import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** Only the SHA-256 of the cookie's token is kept, so a copy of the table opens nothing. */
export class Session extends Model<InferAttributes<Session>, InferCreationAttributes<Session>> {
  declare tokenHash: Buffer
  /** By which a person names it. */
  declare id: string
  declare accountId: string
  declare createdAt: Date
  declare expiresAt: Date
  /** What the browser says of itself. */
  declare agent: string
  /** To the hour. */
  declare seenAt: Date
  /** The plan of another in which they work for now; null: their own. */
  declare planId: CreationOptional<string | null>
}

export function sessions(): typeof Session {
  return modelOnce('Session', sequelize =>
    Session.init(
      {
        tokenHash: { type: DataTypes.BLOB, primaryKey: true },
        id: { type: DataTypes.UUID, allowNull: false },
        accountId: { type: DataTypes.UUID, allowNull: false },
        createdAt: { type: DataTypes.DATE, allowNull: false },
        expiresAt: { type: DataTypes.DATE, allowNull: false },
        agent: { type: DataTypes.TEXT, allowNull: false },
        planId: { type: DataTypes.UUID },
        seenAt: { type: DataTypes.DATE, allowNull: false },
      },
      { sequelize, tableName: 'session', underscored: true, timestamps: false },
    ),
  )
}
