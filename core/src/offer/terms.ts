/** A tax on the whole of an offer, as the firm sets it. */
export interface OfferTax {
  readonly name: string;
  readonly percent: number;
}

/** What stands on every offer of a firm. */
export interface OfferTerms {
  /** address and whatever else heads a letter, a line each */
  readonly letterhead: string;
  /** a picture as a data URL, PNG or JPEG */
  readonly logo?: string;
  readonly taxes: readonly OfferTax[];
  /** for how long an offer holds, in days */
  readonly validDays: number;
  /** a paragraph each */
  readonly conditions: string;
  /** what no offer of the firm includes, a line each */
  readonly excluded: string;
}

/** What an offer begins with where a firm has set nothing: common practice, and to be read by whoever advises the firm on its contracts. */
export const usualTerms: OfferTerms = {
  letterhead: '',
  taxes: [],
  validDays: 30,
  conditions: [
    'What is only seen once it is opened is measured and priced before the work goes on; it waits for your word.',
    'Water, electric power and free access to the places are there while the work is done.',
    'Times are those of the plan; weather and what is found may move them, and you are told.',
  ].join('\n'),
  excluded: ['Moving furniture and what stands in the way', 'Taking away hazardous material'].join('\n'),
};

/** What the firm is told beside its conditions. */
export const termsAdvice = 'The conditions here are a start. Have them read by whoever advises you on contracts where you work.';

/** the longest that an offer holds, in days */
export const longestValidDays = 365;

/** What is wrong with a logo, as a sentence; nothing where it can be set. */
export function logoProblem(logo: unknown): string | undefined {
  // by how such a file begins, not only by its name
  if (typeof logo !== 'string' || !/^data:image\/(png;base64,iVBORw0KGgo|jpeg;base64,\/9j\/)[A-Za-z0-9+/]*=*$/.test(logo))
    return 'The logo must be a PNG or JPEG picture.';
  return logo.length > 270_000 ? 'The logo must be at most 200 kB. Save it smaller and take it again.' : undefined;
}
