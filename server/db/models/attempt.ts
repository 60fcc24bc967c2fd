import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** An attempt to sign in that failed, or an account that was made; counted to slow down guessing and flooding. */
export class Attempt extends Model<InferAttributes<Attempt>, InferCreationAttributes<Attempt>> {
  declare id: CreationOptional<string>
  declare kind: 'sign-in' | 'account' | 'person' | 'link' | 'request' | 'lock'
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
        kind: { type: DataTypes.TEXT, allowNull: false },
        email: { type: DataTypes.TEXT, allowNull: false },
        address: { type: DataTypes.TEXT, allowNull: false },
        network: { type: DataTypes.TEXT, allowNull: false },
        at: { type: DataTypes.DATE, allowNull: false },
      },
      { sequelize, tableName: 'attempt', underscored: true, timestamps: false },
    ),
  )
}
