import type { Arrivals, Device } from '../../contract/arrivals'
import { call } from './http'

export const takeArrivals = (device: Device, how: { as?: 'copies' | 'pointers'; folder?: boolean } = {}) =>
  call<Arrivals>('POST', `/api/arrivals/${device}`, { body: how })
