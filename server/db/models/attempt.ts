import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'
import { oneOf } from '../validations'

const ATTEMPT_KINDS = ['sign-in', 'account', 'person', 'link', 'request', 'lock', 'mail'] as const

/** An attempt to sign in that failed, or an account that was made; counted to slow down guessing and flooding. */
export class Attempt extends Model<InferAttributes<Attempt>, InferCreationAttributes<Attempt>> {
  declare id: CreationOptional<string>
  declare kind: (typeof ATTEMPT_KINDS)[number]
  declare email: string
  declare address: string
  /** core/account: networkOf. */
  declare network: string
  declare at: Date
}

export function attempts(): typeof Attempt {
  return modelOnce('Attempt', sequelize =>
    Attempt.init(
      {
        id: { type: DataTypes.BIGINT, primaryKey: true, autoIncrement: true },
        kind: { type: DataTypes.TEXT, allowNull: false, validate: oneOf(ATTEMPT_KINDS) },
        email: { type: DataTypes.TEXT, allowNull: false },
        address: { type: DataTypes.TEXT, allowNull: false },
        network: { type: DataTypes.TEXT, allowNull: false },
        at: { type: DataTypes.DATE, allowNull: false },
      },
      { sequelize, tableName: 'attempt', underscored: true, timestamps: false },
    ),
  )
}
