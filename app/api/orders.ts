import type { StandingOrder, Tried } from '../../contract/order'
import { call } from './http'

export const readOrders = () => call<{ orders: StandingOrder[] }>('GET', '/api/orders')
export const tryOrder = (order: Pick<StandingOrder, 'when' | 'then'>) =>
  call<Tried>('POST', '/api/orders/try', { body: { when: order.when, then: order.then } })
