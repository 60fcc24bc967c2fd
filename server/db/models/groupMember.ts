import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes, NonAttribute } from 'sequelize'
import type { GroupId, PersonId } from '../../../core/ids'
import { modelOnce } from '../client'
import type { Account } from './account'

/** Who is in a group. Only Changes write it. */
export class GroupMember extends Model<InferAttributes<GroupMember>, InferCreationAttributes<GroupMember>> {
  declare planId: string
  declare id: string
  declare groupId: GroupId
  declare personId: PersonId
  declare person?: NonAttribute<Account>
}

export function groupMembers(): typeof GroupMember {
  return modelOnce('GroupMember', sequelize =>
    GroupMember.init(
      {
        planId: { type: DataTypes.UUID, primaryKey: true },
        id: { type: DataTypes.UUID, primaryKey: true },
        groupId: { type: DataTypes.UUID, allowNull: false },
        personId: { type: DataTypes.UUID, allowNull: false },
      },
      { sequelize, tableName: 'group_member', underscored: true, timestamps: false },
    ),
  )
}
