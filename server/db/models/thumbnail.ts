import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** The small picture of bytes, or that there is none. */
export class Thumbnail extends Model<InferAttributes<Thumbnail>, InferCreationAttributes<Thumbnail>> {
  declare blobId: string
  declare state: string
  declare picture: Buffer | null
  declare askedAt: Date
  declare planId: string | null
  declare takenAt: Date | null
}

export function thumbnails(): typeof Thumbnail {
  return modelOnce('Thumbnail', sequelize =>
    Thumbnail.init(
      {
        blobId: { type: DataTypes.UUID, primaryKey: true },
        state: { type: DataTypes.TEXT, allowNull: false },
        picture: { type: DataTypes.BLOB },
        askedAt: { type: DataTypes.DATE, allowNull: false },
        planId: { type: DataTypes.UUID },
        takenAt: { type: DataTypes.DATE },
      },
      { sequelize, tableName: 'thumbnail', underscored: true, timestamps: false },
    ),
  )
}
