// What a model refuses before a row is written: values of an enumeration, names without a letter.

import type { ModelValidateOptions } from 'sequelize'

/** One of these values; a column that may be null takes null as well. */
export const oneOf = (values: readonly string[]): ModelValidateOptions => ({
  isIn: { args: [[...values]], msg: `It has to be one of: ${values.join(', ')}.` },
})

export const NOT_EMPTY: ModelValidateOptions = { notEmpty: { msg: 'It may not be empty.' } }

export const notBelow = (least: number): ModelValidateOptions => ({
  min: { args: [least], msg: `It has to be ${least} at least.` },
})
