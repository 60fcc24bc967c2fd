export interface HostileFile {
  readonly name: string
  readonly bytes: Buffer
  /** It is sound but locked: the sentence has to say so. */
  readonly isProtected?: boolean
}
