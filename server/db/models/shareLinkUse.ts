import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** How often a link was opened, and when last. */
export class ShareLinkUse extends Model<InferAttributes<ShareLinkUse>, InferCreationAttributes<ShareLinkUse>> {
  declare planId: string
  declare linkId: string
  declare count: number
  declare at: Date
}

export function shareLinkUses(): typeof ShareLinkUse {
  return modelOnce('ShareLinkUse', sequelize =>
    ShareLinkUse.init(
      {
        planId: { type: DataTypes.UUID, primaryKey: true },
        linkId: { type: DataTypes.UUID, primaryKey: true },
        count: { type: DataTypes.INTEGER, allowNull: false },
        at: { type: DataTypes.DATE, allowNull: false },
      },
      { sequelize, tableName: 'share_link_use', underscored: true, timestamps: false },
    ),
  )
}
