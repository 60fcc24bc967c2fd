import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** A file that is coming in pieces. */
export class Upload extends Model<InferAttributes<Upload>, InferCreationAttributes<Upload>> {
  declare id: string
  declare planId: string
  declare blobId: string
  declare name: string
  declare size: string
  declare received: CreationOptional<string>
  declare metadata: object
  declare createdAt: Date
  declare changedAt: CreationOptional<Date>
}

export function uploads(): typeof Upload {
  return modelOnce('Upload', sequelize =>
    Upload.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, allowNull: false },
        blobId: { type: DataTypes.UUID, allowNull: false },
        name: { type: DataTypes.TEXT, allowNull: false },
        size: { type: DataTypes.BIGINT, allowNull: false },
        received: { type: DataTypes.BIGINT, allowNull: false, defaultValue: 0 },
        metadata: { type: DataTypes.JSONB, allowNull: false },
        createdAt: { type: DataTypes.DATE, allowNull: false },
        changedAt: { type: DataTypes.DATE, allowNull: false, defaultValue: DataTypes.NOW },
      },
      { sequelize, tableName: 'upload', underscored: true, timestamps: false },
    ),
  )
}
