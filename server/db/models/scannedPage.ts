import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import type { ScanEdits } from '../../../core/scan/index'
import { modelOnce } from '../client'

export interface OcrResult {
  readonly text: string
  readonly words: readonly { readonly text: string; readonly box: readonly [number, number, number, number] }[]
}

/** A page of the scanner that is no document yet. */
export class ScannedPage extends Model<InferAttributes<ScannedPage>, InferCreationAttributes<ScannedPage>> {
  declare id: string
  declare planId: string
  declare createdAt: CreationOptional<Date>
  /** PNG. */
  declare picture: Buffer
  /** In points. */
  declare width: number
  declare height: number
  declare edits: ScanEdits
  /** What was recognised of it, with the edits that it had then. */
  declare seen: CreationOptional<OcrResult | null>
  declare seenEdits: CreationOptional<ScanEdits | null>
}

export function scannedPages(): typeof ScannedPage {
  return modelOnce('ScannedPage', sequelize =>
    ScannedPage.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, allowNull: false },
        createdAt: { type: DataTypes.DATE, allowNull: false, defaultValue: DataTypes.NOW },
        picture: { type: DataTypes.BLOB, allowNull: false },
        width: { type: DataTypes.INTEGER, allowNull: false },
        height: { type: DataTypes.INTEGER, allowNull: false },
        edits: { type: DataTypes.JSONB, allowNull: false },
        seen: { type: DataTypes.JSONB },
        seenEdits: { type: DataTypes.JSONB },
      },
      { sequelize, tableName: 'scanned', underscored: true, timestamps: false },
    ),
  )
}
