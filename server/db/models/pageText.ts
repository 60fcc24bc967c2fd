import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** The text of a page or another part, as it stands and folded. */
export class PageText extends Model<InferAttributes<PageText>, InferCreationAttributes<PageText>> {
  declare blobId: string
  declare page: number
  declare kind: CreationOptional<string>
  declare name: CreationOptional<string>
  declare body: string
  declare folded: string
}

export function pageTexts(): typeof PageText {
  return modelOnce('PageText', sequelize =>
    PageText.init(
      {
        blobId: { type: DataTypes.UUID, primaryKey: true },
        page: { type: DataTypes.INTEGER, primaryKey: true },
        kind: { type: DataTypes.TEXT, allowNull: false, defaultValue: 'text' },
        name: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
        body: { type: DataTypes.TEXT, allowNull: false },
        folded: { type: DataTypes.TEXT, allowNull: false },
      },
      { sequelize, tableName: 'page_text', underscored: true, timestamps: false },
    ),
  )
}
