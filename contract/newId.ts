import { v7 } from 'uuid'

/** A new id, for whatever it is to name: a UUID of version 7, so that ids sort by when they were made. */
export const newId = <Named extends string = string>(): Named => v7() as Named
