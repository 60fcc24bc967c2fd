// How sure a suggestion of a place is, as people mean it: of those said to be 90 %, nine in ten are right.

/**
 * From this a suggested place is chosen without being asked for. What is less sure is offered, and the person says
 * which.
 */
export const CONFIDENT = 0.7

/**
 * Logistic regression (Platt, "Probabilistic outputs for support vector machines", 1999) of whether the first folder
 * was right: on its share, and on how many documents it holds. Fitted on plans of real pages as they grew, one document
 * after the other; tests/bench/confidence.md says how often it is right on others.
 */
const [BASE, OF_SHARE, OF_MEMBERS] = [-1.05, 0.515, 0.5]
const [LEAST, MOST] = [0.001, 0.999]

/** `share`: of the model, from 0 to 1. `members`: documents in the folder. */
export function confidence(share: number, members: number): number {
  const bounded = Math.min(MOST, Math.max(LEAST, share))
  const score = BASE + OF_SHARE * Math.log(bounded / (1 - bounded)) + OF_MEMBERS * Math.log1p(members)
  return 1 / (1 + Math.exp(-score))
}
