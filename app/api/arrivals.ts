import type { Arrivals, Device } from '../../contract/arrivals'
import { call } from './http'

export const takeArrivals = (device: Device) => call<Arrivals>('POST', `/api/arrivals/${device}`, { body: {} })
