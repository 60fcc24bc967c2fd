import * as yup from 'yup'
import type { FacetKey } from '../core/find/index'
import { FACET_KEYS, FACETS, LOOSENINGS, SPOTS } from '../core/find/index'
import { listedDocumentShape } from './document'
import { searchQueryShape } from './command'
import { anyId, documentId, searchId, time } from './ids'
import { partShape } from './parts'

/** The parts of a URL that narrow a search; which there are and what they say, each facet knows (core/find/fields). */
const facetParams = Object.fromEntries(
  FACETS.flatMap(({ params }) => params.map(param => [param, yup.string().default('')] as const)),
)

/**
 * What is searched for, as it stands in the URL of the Find page (core/find/searchQuery reads it). Lists are
 * comma-separated; "-" before a value leaves it out.
 */
const queryFields = {
  /** Words; "words in quotes", -word to leave out, wor* for the rest of a word. */
  q: yup.string().default(''),
  ...facetParams,
  /** A rule (core/find/rule) as JSON. */
  rule: yup.string().max(20_000).default(''),
  sort: yup.string().default(''),
  /** up or down. */
  dir: yup.string().default(''),
  group: yup.string().default(''),
}

/** Query of the counts: everything that a search asks. */
export const countsQueryShape = yup.object({ ...queryFields, typing: yup.boolean().default(false) })

/** Query of a search. */
export const findQueryShape = yup.object({
  ...queryFields,
  /** The last word is still being typed and counts as a beginning. */
  typing: yup.boolean().default(false),
  /** Words that stand nowhere are not replaced by near ones. */
  exact: yup.boolean().default(false),
  /** The open folder, which ranks higher. */
  near: yup.string().default(''),
  cursor: yup.string().max(500).nullable().default(null),
  limit: yup.number().integer().min(1).max(200).default(30),
})

const markShape = yup.array(yup.number().required())

const foundDocumentShape = listedDocumentShape.shape({
  /** Where its words stand, the best spot of each. */
  why: yup.array(yup.string().oneOf(SPOTS).required()).required(),
  /** The heading it stands under when the list is grouped: an id, a word, a month. */
  group: yup.string().defined(),
  passage: yup
    .object({
      text: yup.string().defined(),
      marks: yup.array(markShape.required()).required(),
      page: yup.number().nullable().defined(),
      part: partShape.required(),
      /** The page was recognised from a picture. */
      scanned: yup.boolean().required(),
    })
    .nullable()
    .default(null),
})
export type FoundDocument = yup.InferType<typeof foundDocumentShape>

export const foundShape = yup.object({
  documents: yup.array(foundDocumentShape).required(),
  /**
   * With the first page only; exact up to countLimit, one more means "more than that". null: the page was full before
   * all were found; the counts say it.
   */
  count: yup.number().nullable().defined(),
  countLimit: yup.number().required(),
  terms: yup.array(yup.object({ text: yup.string().required(), prefix: yup.boolean().required() })).required(),
  /** So many of the first are listed since their names are a slip away from what was typed. */
  nearNames: yup.number().required(),
  /** What was looked for instead of what was typed; null: exactly that. */
  corrected: yup
    .object({
      typed: yup.string().required(),
      to: yup.string().required(),
      /** The whole, as it was looked for: what else is asked of this search is asked with it. */
      q: yup.string().defined(),
      /** As JSON, with a time that words said in it; empty: the rule of the request. */
      rule: yup.string().defined(),
    })
    .nullable()
    .default(null),
  next: yup.string().nullable().defined(),
})
export type Found = yup.InferType<typeof foundShape>

export const namesQueryShape = yup.object({
  q: yup.string().default(''),
  limit: yup.number().integer().min(1).max(50).default(10),
})
export const foundNamesShape = yup.object({
  documents: yup.array(listedDocumentShape).required(),
  corrected: yup.object({ typed: yup.string().required(), to: yup.string().required() }).nullable().default(null),
})
export type FoundNames = yup.InferType<typeof foundNamesShape>

const numbers = () => yup.mixed<Readonly<Record<string, number>>>().required()
/**
 * By facet, how many have which value: an id, a word, a month ("2026-03"). A folder counts with everything below it;
 * "none" stands for no colour, and for a language that is not known.
 */
const facetCounts = Object.fromEntries(FACET_KEYS.map(key => [key, numbers()])) as Record<
  FacetKey,
  ReturnType<typeof numbers>
>

/** How many of what is found are of which type and so on; each group as if it did not narrow itself. */
export const countsShape = yup.object({
  /** Of all that is found: exact up to countLimit, one more means "more than that". */
  count: yup.number().required(),
  /** How many hold the words as they were typed; null where no other forms are looked for. */
  exactly: yup.number().nullable().defined(),
  countLimit: yup.number().required(),
  ...facetCounts,
  /**
   * Groups whose numbers are estimated from a random share, two digits of them meaning something, since more than
   * 10,000 are found.
   */
  about: yup.array(yup.string().oneOf(FACET_KEYS).required()).required(),
})
export type FoundCounts = yup.InferType<typeof countsShape>

/** Query of a search whose ids are wanted, in its order. */
export const foundIdsShape = yup.object({
  ids: yup.array(documentId()).required(),
  /** More than 10,000 are found; these are the newest. */
  more: yup.boolean().required(),
})

export const ruleCountsRequestShape = yup.object({ query: searchQueryShape })
/** How many documents each rule of a search finds alone, by its place in the tree ("", "0", "0.2"). */
export const ruleCountsShape = yup.object({
  /** All rules together; 10,001 stands for more than 10,000. */
  whole: yup.number().required(),
  alone: yup.mixed<Readonly<Record<string, number>>>().required(),
  /** Where the whole finds nothing: how many it would find without the rule. */
  without: yup.mixed<Readonly<Record<string, number>>>().required(),
})
export type RuleCounts = yup.InferType<typeof ruleCountsShape>

export const relaxRequestShape = yup.object({
  query: searchQueryShape,
  /** The last word is still being typed and counts as a beginning. */
  typing: yup.boolean().default(false),
})
/** Searches that ask for one thing less than one that finds nothing, and find something. */
export const relaxedShape = yup.object({
  relaxed: yup
    .array(
      yup
        .object({
          /**
           * What is no longer asked: with `text` the words, with `group` the part of the narrowing
           * (core/find/relaxQuery).
           */
          what: yup
            .object({
              kind: yup.string().oneOf(LOOSENINGS).required(),
              text: yup.string().optional(),
              group: yup.string().oneOf(FACET_KEYS).optional(),
            })
            .required(),
          query: searchQueryShape.required(),
          /** 10,001 stands for more than 10,000. */
          count: yup.number().required(),
        })
        .required(),
    )
    .required(),
})
export type RelaxedSearch = yup.InferType<typeof relaxedShape>['relaxed'][number]

export const keptCountsShape = yup.object({
  counts: yup
    .array(
      yup.object({
        id: searchId(),
        /** 10,001: more than 10,000; null: it is not understood any more. */
        count: yup.number().nullable().defined(),
      }),
    )
    .required(),
})

export const recentSearchesShape = yup.object({
  searches: yup.array(yup.object({ text: yup.string().required(), query: searchQueryShape, at: time() })).required(),
})
export type RecentSearch = yup.InferType<typeof recentSearchesShape>['searches'][number]
export const noteSearchShape = yup.object({ text: yup.string().required().max(500), query: searchQueryShape })

const bundleShape = yup.object({
  id: anyId(),
  name: yup.string().required(),
  note: yup.string().defined(),
  done: yup.boolean().required(),
  createdAt: time(),
  count: yup.number().required(),
  /** Bytes. */
  size: yup.number().required(),
})
export const bundlesShape = yup.object({ bundles: yup.array(bundleShape).required() })
export type Bundle = yup.InferType<typeof bundleShape>
export const bundleContentsShape = yup.object({
  bundle: bundleShape.required(),
  documents: yup.array(listedDocumentShape).required(),
})
export type BundleContents = yup.InferType<typeof bundleContentsShape>

const lately = () =>
  yup
    .array(
      listedDocumentShape.shape({
        /** When it was opened, changed or added. */
        at: time(),
        /** How often it was opened. */
        visits: yup.number().required(),
      }),
    )
    .required()
/** Documents that were opened, changed and added last, and those opened most. */
export const latelyShape = yup.object({
  opened: lately(),
  changed: lately(),
  added: lately(),
  often: lately(),
  /** Starred ones, those that were not opened for longest first. */
  starred: lately(),
})
export type Lately = yup.InferType<typeof latelyShape>
