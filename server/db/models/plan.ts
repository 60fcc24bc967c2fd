import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes, NonAttribute } from 'sequelize'
import type { ChildOrder, Numbering } from '../../../core/numbering/index'
import { modelOnce } from '../client'
import { CHILD_ORDERS } from '../../../core/numbering/index'
import { NOT_EMPTY, notBelow, oneOf } from '../validations'
import type { Account } from './account'

export class Plan extends Model<InferAttributes<Plan>, InferCreationAttributes<Plan>> {
  declare id: string
  declare accountId: string
  declare name: string
  declare numbering: Numbering
  declare childOrder: ChildOrder
  /** A whole number as text, as PostgreSQL gives a bigint. */
  declare revision: CreationOptional<string>
  /** Days until the Trash lets go; null: never. */
  declare trashDays: CreationOptional<number | null>
  declare areasOnly: CreationOptional<boolean>
  declare recognising: CreationOptional<boolean>
  declare recogniseLanguages: CreationOptional<string[] | null>
  /** The version in which what is derived was written. */
  declare derived: CreationOptional<number>
  declare account?: NonAttribute<Account>
}

export function plans(): typeof Plan {
  return modelOnce('Plan', sequelize =>
    Plan.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        accountId: { type: DataTypes.UUID, allowNull: false },
        name: { type: DataTypes.TEXT, allowNull: false, validate: NOT_EMPTY },
        numbering: { type: DataTypes.JSONB, allowNull: false },
        childOrder: { type: DataTypes.TEXT, allowNull: false, validate: oneOf(CHILD_ORDERS) },
        revision: { type: DataTypes.BIGINT, allowNull: false, defaultValue: 0 },
        trashDays: { type: DataTypes.INTEGER, defaultValue: 60, validate: notBelow(1) },
        areasOnly: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
        recognising: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: true },
        recogniseLanguages: { type: DataTypes.ARRAY(DataTypes.TEXT) },
        derived: { type: DataTypes.INTEGER, allowNull: false, defaultValue: 0 },
      },
      { sequelize, tableName: 'plan', underscored: true, timestamps: false },
    ),
  )
}
