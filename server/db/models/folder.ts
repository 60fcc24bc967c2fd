import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'
import { CHILD_ORDERS } from '../../../core/numbering/index'
import { NOT_EMPTY, oneOf } from '../validations'

/** A folder of a plan; `changedAt` is when anything of it, or right in it, changed last. */
export class Folder extends Model<InferAttributes<Folder>, InferCreationAttributes<Folder>> {
  declare id: string
  declare planId: string
  declare parentId: string | null
  declare name: string
  declare folded: string
  declare orderKey: string
  declare number: number | null
  declare numbering: object | null
  declare childOrder: string
  declare meaningId: string | null
  declare purpose: string
  declare createdAt: Date
  declare changedAt: CreationOptional<Date>
  declare trashedAt: Date | null
  declare trashRoot: string | null
  declare numberFixed: CreationOptional<boolean>
  declare label: string | null
  declare numbered: CreationOptional<boolean>
  declare first: CreationOptional<boolean>
  declare remark: CreationOptional<string>
  declare pinned: CreationOptional<boolean>
  declare area: CreationOptional<boolean>
  declare registering: CreationOptional<boolean>
  declare namePattern: string | null
}

export function folders(): typeof Folder {
  return modelOnce('Folder', sequelize =>
    Folder.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, primaryKey: true },
        parentId: { type: DataTypes.UUID },
        name: { type: DataTypes.TEXT, allowNull: false, validate: NOT_EMPTY },
        folded: { type: DataTypes.TEXT, allowNull: false },
        orderKey: { type: DataTypes.TEXT, allowNull: false },
        number: { type: DataTypes.INTEGER },
        numbering: { type: DataTypes.JSONB },
        childOrder: { type: DataTypes.TEXT, allowNull: false, validate: oneOf(CHILD_ORDERS) },
        meaningId: { type: DataTypes.UUID },
        purpose: { type: DataTypes.TEXT, allowNull: false },
        createdAt: { type: DataTypes.DATE, allowNull: false },
        changedAt: { type: DataTypes.DATE, allowNull: false, defaultValue: DataTypes.NOW },
        trashedAt: { type: DataTypes.DATE },
        trashRoot: { type: DataTypes.UUID },
        numberFixed: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
        label: { type: DataTypes.TEXT },
        numbered: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: true },
        first: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
        remark: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
        pinned: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
        area: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
        registering: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
        namePattern: { type: DataTypes.TEXT },
      },
      { sequelize, tableName: 'folder', underscored: true, timestamps: false },
    ),
  )
}
