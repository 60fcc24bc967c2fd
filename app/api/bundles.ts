import type { Bundle, BundleContents, Lately } from '../../contract/find'
import { addressOf, call } from './http'

export const readBundles = () => call<{ bundles: Bundle[] }>('GET', '/api/bundles')
export const readBundle = (id: string) => call<BundleContents>('GET', `/api/bundles/${id}`)
export const readLately = () => call<Lately>('GET', '/api/documents/lately')
export const noteVisit = (id: string) => call<undefined>('POST', `/api/documents/${id}/visits`)
/** Where the documents of a bundle are as one ZIP. */
export const archiveAddress = (id: string) => addressOf(`/api/bundles/${id}/archive`, {})
