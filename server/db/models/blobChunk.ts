import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** A piece of bytes, at most a megabyte, in order. */
export class BlobChunk extends Model<InferAttributes<BlobChunk>, InferCreationAttributes<BlobChunk>> {
  declare blobId: string
  declare seq: number
  declare bytes: Buffer
}

export function blobChunks(): typeof BlobChunk {
  return modelOnce('BlobChunk', sequelize =>
    BlobChunk.init(
      {
        blobId: { type: DataTypes.UUID, primaryKey: true },
        seq: { type: DataTypes.INTEGER, primaryKey: true },
        bytes: { type: DataTypes.BLOB, allowNull: false },
      },
      { sequelize, tableName: 'blob_chunk', underscored: true, timestamps: false },
    ),
  )
}
