import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes, NonAttribute } from 'sequelize'
import { modelOnce } from '../client'
import type { Blob } from './blob'
import { ORIGINS } from '../../../core/rows/index'
import { notBelow, oneOf } from '../validations'

/** A document of a plan; its bytes are a blob, its places placements. */
export class Document extends Model<InferAttributes<Document>, InferCreationAttributes<Document>> {
  declare id: string
  declare planId: string
  declare name: string
  declare folded: string
  declare extension: string
  declare mediaType: string
  declare size: string
  declare blobId: string
  declare version: number
  declare remark: string
  declare createdAt: Date
  declare changedAt: Date
  declare trashedAt: Date | null
  declare trashRoot: string | null
  declare meaningId: string | null
  declare runningNumber: string | null
  declare origin: CreationOptional<string>
  declare sender: CreationOptional<string>
  declare copiedFrom: string | null
  declare partOf: string | null
  declare filedBy: string | null
  declare remarkFolded: CreationOptional<string>
  declare senderFolded: CreationOptional<string>
  declare numberFolded: CreationOptional<string>
  declare datedAt: Date | null
  declare blob?: NonAttribute<Blob>
}

export function documents(): typeof Document {
  return modelOnce('Document', sequelize =>
    Document.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, primaryKey: true },
        name: { type: DataTypes.TEXT, allowNull: false },
        folded: { type: DataTypes.TEXT, allowNull: false },
        extension: { type: DataTypes.TEXT, allowNull: false },
        mediaType: { type: DataTypes.TEXT, allowNull: false },
        size: { type: DataTypes.BIGINT, allowNull: false },
        blobId: { type: DataTypes.UUID, allowNull: false },
        version: { type: DataTypes.INTEGER, allowNull: false, validate: notBelow(1) },
        remark: { type: DataTypes.TEXT, allowNull: false },
        createdAt: { type: DataTypes.DATE, allowNull: false },
        changedAt: { type: DataTypes.DATE, allowNull: false },
        trashedAt: { type: DataTypes.DATE },
        trashRoot: { type: DataTypes.UUID },
        meaningId: { type: DataTypes.UUID },
        runningNumber: { type: DataTypes.TEXT },
        origin: { type: DataTypes.TEXT, allowNull: false, defaultValue: 'upload', validate: oneOf(ORIGINS) },
        sender: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
        copiedFrom: { type: DataTypes.UUID },
        partOf: { type: DataTypes.UUID },
        filedBy: { type: DataTypes.UUID },
        remarkFolded: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
        senderFolded: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
        numberFolded: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
        datedAt: { type: DataTypes.DATE },
      },
      { sequelize, tableName: 'document', underscored: true, timestamps: false },
    ),
  )
}
