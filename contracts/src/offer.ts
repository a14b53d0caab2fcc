import 'reflect-metadata';
import { logoProblem, longestValidDays, scopes, type Offer, type OfferSetup, type OfferTerms, type Scope } from '@oddment/core';
import { Id, ListOf, NumberBetween, ObjectSuchThat, OneOf, OptionalNested, OptionalText, Optionally, Flag, Text, Version, WholeBetween } from './fields.ts';

/** so much of a currency, in its smallest unit, and no more */
const mostMinor = 1_000_000_000_000;

/** A way to go about a repair: how far, and with which system. */
export class AskedBody {
  @OneOf('How far', Object.keys(scopes)) scope!: Scope;
  @OptionalText('The system', 300) system?: string;
}

/** The size of a whole face, in mm. */
export class FaceBody {
  @NumberBetween('The width of the face', 10, 999_999) widthMm!: number;
  @NumberBetween('The height of the face', 10, 999_999) heightMm!: number;
}

/** How one repair stands in the offer of its job. */
export class OfferedRepairBody {
  @Text('The defect', 1, 80) defect!: string;
  @Optionally(Flag('Whether it is left out')) out?: boolean;
  @Optionally(ListOf('The ways', () => AskedBody, 4)) ways?: AskedBody[];
  @OptionalNested(() => FaceBody) face?: FaceBody;
  @OptionalText('What the firm would do', 500) would?: string;
}

/** A line of an offer that is no repair. */
export class ExtraLineBody {
  @Text('The id of a line', 1, 40) id!: string;
  @Text('What a line is for', 0, 200) title!: string;
  /** in the smallest unit of the currency */
  @WholeBetween('The amount of a line', -mostMinor, mostMinor) minor!: number;
}

/** What the offer of a job is made by besides its repairs. */
export class OfferSetupBody {
  @Optionally(ListOf('The repairs', () => OfferedRepairBody, 5000)) repairs?: OfferedRepairBody[];
  @Optionally(ListOf('The lines besides the repairs', () => ExtraLineBody, 100)) extras?: ExtraLineBody[];
  @Optionally(Flag('Whether other ways are put beside each repair')) others?: boolean;
  @OptionalText('The words to the client', 4000) words?: string;
  @OptionalText('What is not included', 4000) excluded?: string;
}

export class OfferTaxBody {
  @Text('The name of a tax', 1, 60) name!: string;
  @NumberBetween('A tax in percent', 0, 100) percent!: number;
}

/** What stands on every offer of the firm. */
export class OfferTermsBody {
  @Id() change!: string;
  /** of the terms as they were read; nought where there were none */
  @WholeBetween('The version', 0, 1_000_000_000) version!: number;
  @Text('The letterhead', 0, 1000) letterhead!: string;
  @Optionally(ObjectSuchThat(() => ({ type: 'string', description: 'The logo as a data URL, PNG or JPEG' }), logoProblem)) logo?: string;
  @ListOf('The taxes', () => OfferTaxBody, 3) taxes!: OfferTaxBody[];
  @WholeBetween('How long an offer holds, in days,', 1, longestValidDays) validDays!: number;
  @Text('The conditions', 0, 6000) conditions!: string;
  @Text('What is not included', 0, 2000) excluded!: string;
}

/** The terms of the firm, with their version; nought and the usual where none are set. */
export type OfferTermsRecord = OfferTerms & { readonly version: number };

/** Keeps an offer of a job as its records stand; where the job has moved on since, it is refused. */
export class IssueOfferBody {
  @Id() id!: string;
  @Id() change!: string;
  @Version() jobVersion!: number;
  /** what the sum was on the page: another one is not kept unseen */
  @WholeBetween('The sum', -mostMinor, mostMinor) totalMinor!: number;
}

export const offerStates = ['open', 'accepted', 'declined'] as const;
export type OfferState = (typeof offerStates)[number];

/** Notes what the client said. What an offer says is never changed. */
export class OfferStateBody {
  @Id() change!: string;
  @Version() version!: number;
  @OneOf('The answer', offerStates) state!: OfferState;
}

/** A kept offer in a list. */
export interface OfferSummary {
  readonly id: string;
  readonly version: number;
  readonly jobId: string;
  readonly number: string;
  readonly core: string;
  readonly currency: string;
  readonly totalMinor: number;
  readonly repairs: number;
  readonly validUntil: string;
  readonly state: OfferState;
  readonly answeredAt?: string;
  readonly issuedAt: string;
  readonly issuedBy: string;
}

export type OfferRecord = OfferSummary & { readonly offer: Offer; readonly setup: OfferSetup };
