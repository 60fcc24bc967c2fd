import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** Earlier bytes of a document. */
export class Version extends Model<InferAttributes<Version>, InferCreationAttributes<Version>> {
  declare id: string
  declare planId: string
  declare documentId: string
  declare number: number
  declare blobId: string
  declare size: string
  declare mediaType: string
  declare extension: string
  declare changedAt: Date
  declare createdAt: Date
  declare remark: CreationOptional<string>
}

export function versions(): typeof Version {
  return modelOnce('Version', sequelize =>
    Version.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, allowNull: false },
        documentId: { type: DataTypes.UUID, allowNull: false },
        number: { type: DataTypes.INTEGER, allowNull: false },
        blobId: { type: DataTypes.UUID, allowNull: false },
        size: { type: DataTypes.BIGINT, allowNull: false },
        mediaType: { type: DataTypes.TEXT, allowNull: false },
        extension: { type: DataTypes.TEXT, allowNull: false },
        changedAt: { type: DataTypes.DATE, allowNull: false },
        createdAt: { type: DataTypes.DATE, allowNull: false },
        remark: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
      },
      { sequelize, tableName: 'version', underscored: true, timestamps: false },
    ),
  )
}
