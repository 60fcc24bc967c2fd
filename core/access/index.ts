export type { GivenThing } from './linksTo'
export { isInForce, linksGained, linksTo } from './linksTo'
export { hashOfSecret, SECRET_BYTES, SECRET_PATTERN, secretFrom } from './secret'
