import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** What was read from bytes before they were sealed, sealed with them. */
export class SealedText extends Model<InferAttributes<SealedText>, InferCreationAttributes<SealedText>> {
  declare blobId: string
  declare bytes: Buffer
}

export function sealedTexts(): typeof SealedText {
  return modelOnce('SealedText', sequelize =>
    SealedText.init(
      { blobId: { type: DataTypes.UUID, primaryKey: true }, bytes: { type: DataTypes.BLOB, allowNull: false } },
      { sequelize, tableName: 'sealed_text', underscored: true, timestamps: false },
    ),
  )
}
