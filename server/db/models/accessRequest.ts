import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes, NonAttribute } from 'sequelize'
import type { PersonId } from '../../../core/ids'
import { modelOnce } from '../client'
import { TARGETS } from '../../../core/rows/index'
import { oneOf } from '../validations'
import type { Account } from './account'
import type { Document } from './document'

/** Somebody would like to be given something; one of each person for each address. */
export class AccessRequest extends Model<InferAttributes<AccessRequest>, InferCreationAttributes<AccessRequest>> {
  declare id: string
  declare accountId: PersonId
  /** As the address has it. */
  declare wantedId: string
  declare note: string
  declare createdAt: Date
  /** Of whoever keeps it; null: nothing has that id. */
  declare planId: string | null
  declare target: 'plan' | 'folder' | 'document' | null
  declare targetId: string | null
  declare answeredAt: Date | null
  declare account?: NonAttribute<Account>
  /** What is wanted, where it is a document. */
  declare document?: NonAttribute<Document>
}

export function accessRequests(): typeof AccessRequest {
  return modelOnce('AccessRequest', sequelize =>
    AccessRequest.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        accountId: { type: DataTypes.UUID, allowNull: false },
        wantedId: { type: DataTypes.UUID, allowNull: false },
        note: { type: DataTypes.TEXT, allowNull: false },
        createdAt: { type: DataTypes.DATE, allowNull: false },
        planId: { type: DataTypes.UUID },
        target: { type: DataTypes.TEXT, validate: oneOf(TARGETS) },
        targetId: { type: DataTypes.UUID },
        answeredAt: { type: DataTypes.DATE },
      },
      { sequelize, tableName: 'access_request', underscored: true, timestamps: false },
    ),
  )
}
