// The simulated devices and services that have arrivals, by the names of contract/arrivals. A new one is its file, a
// line here and its name there.

import type { Device } from '../../contract/arrivals'
import type { ArrivalSource } from '../services/arrivals/takeIn'
import type { ColleagueRequest } from './colleague'
import { colleague } from './colleague'
import { mailbox } from './mailbox'

export const SOURCES: Readonly<Record<Device, ArrivalSource<ColleagueRequest>>> = { mailbox, colleague }
