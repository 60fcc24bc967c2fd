import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import type { PersonId } from '../../../core/ids'
import { modelOnce } from '../client'
import { NOT_EMPTY } from '../validations'

export class Account extends Model<InferAttributes<Account>, InferCreationAttributes<Account>> {
  declare id: PersonId
  declare email: string
  declare passwordHash: string
  declare isDemo: CreationOptional<boolean>
  declare createdAt: Date
  /** What they call themselves; empty: not yet. */
  declare name: CreationOptional<string>
  /** Told by mail what others give them. */
  declare mailNews: CreationOptional<boolean>
  /** null: it may sign in. */
  declare lockedAt: CreationOptional<Date | null>
}

export function accounts(): typeof Account {
  return modelOnce('Account', sequelize =>
    Account.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        email: { type: DataTypes.TEXT, allowNull: false, validate: NOT_EMPTY },
        passwordHash: { type: DataTypes.TEXT, allowNull: false, validate: NOT_EMPTY },
        isDemo: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
        name: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
        createdAt: { type: DataTypes.DATE, allowNull: false },
        mailNews: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: true },
        lockedAt: { type: DataTypes.DATE, allowNull: true },
      },
      { sequelize, tableName: 'account', underscored: true, timestamps: false },
    ),
  )
}
