import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** Words of a long document that begin alike, with the pages on which they stand as their positions. */
export class PageLexeme extends Model<InferAttributes<PageLexeme>, InferCreationAttributes<PageLexeme>> {
  declare blobId: string
  declare bucket: number
  declare words: string
}

export function pageLexemes(): typeof PageLexeme {
  return modelOnce('PageLexeme', sequelize =>
    PageLexeme.init(
      {
        blobId: { type: DataTypes.UUID, primaryKey: true },
        bucket: { type: DataTypes.SMALLINT, primaryKey: true },
        words: { type: DataTypes.TSVECTOR, allowNull: false },
      },
      { sequelize, tableName: 'page_lexeme', underscored: true, timestamps: false },
    ),
  )
}
