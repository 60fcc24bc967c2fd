import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** Of what this giver gives, the person is told nothing as new. */
export class MutedGiver extends Model<InferAttributes<MutedGiver>, InferCreationAttributes<MutedGiver>> {
  declare accountId: string
  declare giverId: string
}

export function mutedGivers(): typeof MutedGiver {
  return modelOnce('MutedGiver', sequelize =>
    MutedGiver.init(
      { accountId: { type: DataTypes.UUID, primaryKey: true }, giverId: { type: DataTypes.UUID, primaryKey: true } },
      { sequelize, tableName: 'muted_giver', underscored: true, timestamps: false },
    ),
  )
}
