import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** What a passphrase opens: some documents, or a folder with all that comes into it. */
export class Lock extends Model<InferAttributes<Lock>, InferCreationAttributes<Lock>> {
  declare id: string
  declare planId: string
  /** null: documents that were locked by themselves. */
  declare folderId: string | null
  declare salt: Buffer
  /** X25519, raw: bytes are sealed with it without the passphrase. */
  declare publicKey: Buffer
  /** Sealed with the passphrase. */
  declare privateKey: Buffer
  declare createdAt: Date
}

export function locks(): typeof Lock {
  return modelOnce('Lock', sequelize =>
    Lock.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, allowNull: false },
        folderId: { type: DataTypes.UUID },
        salt: { type: DataTypes.BLOB, allowNull: false },
        publicKey: { type: DataTypes.BLOB, allowNull: false },
        privateKey: { type: DataTypes.BLOB, allowNull: false },
        createdAt: { type: DataTypes.DATE, allowNull: false },
      },
      { sequelize, tableName: 'lock', underscored: true, timestamps: false },
    ),
  )
}
