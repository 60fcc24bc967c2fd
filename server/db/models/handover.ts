import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import type { Role } from '../../../core/rows/index'
import { modelOnce } from '../client'
import { ROLES, TARGETS } from '../../../core/rows/index'
import { oneOf } from '../validations'

/** A thing that is offered to somebody to be theirs from then on. */
export class Handover extends Model<InferAttributes<Handover>, InferCreationAttributes<Handover>> {
  declare id: string
  declare planId: string
  declare personId: string
  declare target: 'plan' | 'folder' | 'document'
  declare targetId: string
  /** What whoever hands it over keeps. */
  declare role: Role | null
  declare note: string
  declare createdAt: Date
}

export function handovers(): typeof Handover {
  return modelOnce('Handover', sequelize =>
    Handover.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, allowNull: false },
        personId: { type: DataTypes.UUID, allowNull: false },
        target: { type: DataTypes.TEXT, allowNull: false, validate: oneOf(TARGETS) },
        targetId: { type: DataTypes.UUID, allowNull: false },
        role: { type: DataTypes.TEXT, validate: oneOf(ROLES) },
        note: { type: DataTypes.TEXT, allowNull: false },
        createdAt: { type: DataTypes.DATE, allowNull: false },
      },
      { sequelize, tableName: 'handover', underscored: true, timestamps: false },
    ),
  )
}
