import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** A failed attempt to sign in; counted to slow down guessing. */
export class SignInAttempt extends Model<InferAttributes<SignInAttempt>, InferCreationAttributes<SignInAttempt>> {
  declare email: string
  declare at: Date
}

export function signInAttempts(): typeof SignInAttempt {
  return modelOnce('SignInAttempt', (sequelize) => {
    const model = SignInAttempt.init({
      email: { type: DataTypes.TEXT, allowNull: false },
      at: { type: DataTypes.DATE, allowNull: false },
    }, { sequelize, tableName: 'sign_in_attempt', underscored: true, timestamps: false })
    model.removeAttribute('id')
    return model
  })
}
