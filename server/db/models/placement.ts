import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** A place in which a document lies, with copies of what lists sort by. */
export class Placement extends Model<InferAttributes<Placement>, InferCreationAttributes<Placement>> {
  declare id: string
  declare planId: string
  declare documentId: string
  declare folderId: string | null
  declare home: boolean
  declare first: CreationOptional<boolean>
  declare orderKey: CreationOptional<string>
  declare place: CreationOptional<string>
  declare name: CreationOptional<string>
  declare extension: CreationOptional<string>
  declare changedAt: CreationOptional<Date>
  declare size: CreationOptional<string>
  declare live: CreationOptional<boolean>
  declare addedAt: CreationOptional<Date>
}

export function placements(): typeof Placement {
  return modelOnce('Placement', sequelize =>
    Placement.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, allowNull: false },
        documentId: { type: DataTypes.UUID, allowNull: false },
        folderId: { type: DataTypes.UUID },
        home: { type: DataTypes.BOOLEAN, allowNull: false },
        first: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
        orderKey: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
        place: { type: DataTypes.UUID, allowNull: false },
        name: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
        extension: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
        changedAt: { type: DataTypes.DATE, allowNull: false, defaultValue: DataTypes.NOW },
        size: { type: DataTypes.BIGINT, allowNull: false, defaultValue: 0 },
        live: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: true },
        addedAt: { type: DataTypes.DATE, allowNull: false, defaultValue: DataTypes.NOW },
      },
      { sequelize, tableName: 'placement', underscored: true, timestamps: false },
    ),
  )
}
