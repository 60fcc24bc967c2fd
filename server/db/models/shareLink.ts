import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** A link that was given out. Only Changes write it. */
export class ShareLink extends Model<InferAttributes<ShareLink>, InferCreationAttributes<ShareLink>> {
  declare planId: string
  declare id: string
  declare target: string
  declare targetId: string
  declare secretHash: string
  /** null: it asks for none. */
  declare passphraseHash: string | null
  declare until: Date | null
  declare note: string
  declare createdAt: Date
}

export function shareLinks(): typeof ShareLink {
  return modelOnce('ShareLink', sequelize =>
    ShareLink.init(
      {
        planId: { type: DataTypes.UUID, primaryKey: true },
        id: { type: DataTypes.UUID, primaryKey: true },
        target: { type: DataTypes.TEXT, allowNull: false },
        targetId: { type: DataTypes.UUID, allowNull: false },
        secretHash: { type: DataTypes.TEXT, allowNull: false, unique: true },
        passphraseHash: { type: DataTypes.TEXT },
        until: { type: DataTypes.DATE },
        note: { type: DataTypes.TEXT, allowNull: false },
        createdAt: { type: DataTypes.DATE, allowNull: false },
      },
      { sequelize, tableName: 'share_link', underscored: true, timestamps: false },
    ),
  )
}
