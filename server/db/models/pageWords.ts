import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** The words of a recognised page with their boxes, in parts of the page. */
export class PageWords extends Model<InferAttributes<PageWords>, InferCreationAttributes<PageWords>> {
  declare blobId: string
  declare page: number
  declare words: object
  declare confidence: number
}

export function pageWords(): typeof PageWords {
  return modelOnce('PageWords', sequelize =>
    PageWords.init(
      {
        blobId: { type: DataTypes.UUID, primaryKey: true },
        page: { type: DataTypes.INTEGER, primaryKey: true },
        words: { type: DataTypes.JSONB, allowNull: false },
        confidence: { type: DataTypes.REAL, allowNull: false },
      },
      { sequelize, tableName: 'page_words', underscored: true, timestamps: false },
    ),
  )
}
