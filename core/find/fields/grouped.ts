// Rules of a field, alone or in groups.

export interface FieldRule {
  readonly kind: string
}

export type Grouped<R> = R | { readonly kind: 'all' | 'any' | 'none'; readonly rules: readonly Grouped<R>[] }

export function oneOrAny<R>(rules: readonly Grouped<R>[]): Grouped<R> {
  const [only] = rules
  return rules.length === 1 && only ? only : { kind: 'any', rules }
}
