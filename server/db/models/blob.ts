import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** Bytes that a plan holds, once each; without a hash while they are coming. */
export class Blob extends Model<InferAttributes<Blob>, InferCreationAttributes<Blob>> {
  declare id: string
  declare sha256: Buffer | null
  declare size: CreationOptional<string>
  declare createdAt: Date
  declare planId: string | null
  /** The lock under which its pieces are sealed; null: they are as they came. */
  declare lockId: CreationOptional<string | null>
  /** The key of its pieces, sealed to the lock. */
  declare seal: CreationOptional<Buffer | null>
}

export function blobs(): typeof Blob {
  return modelOnce('Blob', sequelize =>
    Blob.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        sha256: { type: DataTypes.BLOB },
        size: { type: DataTypes.BIGINT, allowNull: false, defaultValue: 0 },
        createdAt: { type: DataTypes.DATE, allowNull: false },
        planId: { type: DataTypes.UUID },
        lockId: { type: DataTypes.UUID },
        seal: { type: DataTypes.BLOB },
      },
      { sequelize, tableName: 'blob', underscored: true, timestamps: false },
    ),
  )
}
