import * as yup from 'yup'
import { orderThenShape, orderWhenShape } from './command'
import { documentId, folderId, orderId } from './ids'

const orderShape = yup.object({
  id: orderId(),
  name: yup.string().required(),
  orderKey: yup.string().required(),
  active: yup.boolean().required(),
  when: orderWhenShape.required(),
  then: orderThenShape.required(),
})
export const ordersShape = yup.object({ orders: yup.array(orderShape).required() })
export type StandingOrder = yup.InferType<typeof orderShape>

export const tryOrderShape = yup.object({ when: orderWhenShape.required(), then: orderThenShape.required() })
export const triedShape = yup.object({
  /** How many of the last arrivals were looked at. */
  of: yup.number().required(),
  matches: yup
    .array(
      yup.object({
        id: documentId(),
        name: yup.string().required(),
        /** As it would be called. */
        newName: yup.string().required(),
        folderIds: yup.array(folderId().nullable()).required(),
      }),
    )
    .required(),
})
export type Tried = yup.InferType<typeof triedShape>
