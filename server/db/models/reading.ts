import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** How far bytes were read, and what their text says as a whole. */
export class Reading extends Model<InferAttributes<Reading>, InferCreationAttributes<Reading>> {
  declare blobId: string
  declare state: string
  declare reason: string | null
  declare extension: string
  declare pages: CreationOptional<number>
  declare paged: CreationOptional<boolean>
  declare words: CreationOptional<string>
  declare changedAt: Date
  declare language: string | null
  declare title: CreationOptional<string>
  declare author: CreationOptional<string>
  declare heads: CreationOptional<string>
  declare datedAt: Date | null
  declare reader: CreationOptional<number>
  declare planId: string | null
  declare later: CreationOptional<boolean>
  declare located: CreationOptional<boolean>
  /** Items of check lists. */
  declare ticks: CreationOptional<number>
  declare ticksDone: CreationOptional<number>
}

export function readings(): typeof Reading {
  return modelOnce('Reading', sequelize =>
    Reading.init(
      {
        blobId: { type: DataTypes.UUID, primaryKey: true },
        state: { type: DataTypes.TEXT, allowNull: false },
        reason: { type: DataTypes.TEXT },
        extension: { type: DataTypes.TEXT, allowNull: false },
        pages: { type: DataTypes.INTEGER, allowNull: false, defaultValue: 0 },
        paged: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
        words: { type: DataTypes.TSVECTOR, allowNull: false },
        changedAt: { type: DataTypes.DATE, allowNull: false },
        language: { type: DataTypes.TEXT },
        title: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
        author: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
        heads: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
        datedAt: { type: DataTypes.DATE },
        reader: { type: DataTypes.INTEGER, allowNull: false, defaultValue: 0 },
        planId: { type: DataTypes.UUID },
        later: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
        located: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
        ticks: { type: DataTypes.INTEGER, allowNull: false, defaultValue: 0 },
        ticksDone: { type: DataTypes.INTEGER, allowNull: false, defaultValue: 0 },
      },
      { sequelize, tableName: 'reading', underscored: true, timestamps: false },
    ),
  )
}
