import type { Pattern } from '../../core/rows/index'

/** How an ink is laid on: full, or with gaps that also show without colour. CSS for `background`. */
export function laidOn(ink: string, pattern: Pattern): string {
  switch (pattern) {
    case 'full':
      return ink
    case 'dashes':
      return `repeating-linear-gradient(0deg, ${ink} 0 4px, var(--sheet) 4px 5.5px)`
    case 'dots':
      return `radial-gradient(circle at 2.5px 2.5px, var(--sheet) 1px, transparent 1.3px) 0 0 / 5px 5px, ${ink}`
    case 'slant':
      return `repeating-linear-gradient(135deg, ${ink} 0 3px, var(--sheet) 3px 4.4px)`
  }
}
