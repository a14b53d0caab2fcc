import type { Asked, DaysRecord, Face, HouseRules, Job, KeptSheet, Offer, Product, UnitSystem } from '@oddment/core';

/** A plan, sketch or elevation of an area with its picture. */
export interface AreaPicture {
  readonly id: string;
  readonly areaId: string;
  readonly caption: string;
  readonly jpeg: Uint8Array;
  readonly widthPx: number;
  readonly heightPx: number;
}

/** A PDF to be made: the sheets of a job as they are now, options for the client, or an issued plan as it was kept. Plain data: it crosses into a thread. */
export type PdfTask =
  | {
      readonly kind: 'plans';
      readonly job: Job;
      readonly rules: HouseRules;
      readonly products?: readonly Product[];
      readonly units: UnitSystem;
      readonly defectId?: string;
      readonly areaId?: string;
      /** where the page of this server is opened, for the code on each sheet */
      readonly base?: string;
      /** those on which some of the repairs lie */
      readonly pictures?: readonly AreaPicture[];
    }
  | {
      readonly kind: 'options';
      readonly job: Job;
      readonly rules: HouseRules;
      readonly products: readonly Product[];
      readonly units: UnitSystem;
      readonly defectId: string;
      readonly asked?: readonly Asked[];
      readonly face?: Face;
    }
  | {
      readonly kind: 'days';
      readonly days: DaysRecord;
      readonly site: string;
      readonly client: string;
      readonly units: UnitSystem;
      /** what is said under it: when they were kept, and by whom */
      readonly kept: string;
      readonly access: Readonly<Record<string, string>>;
      readonly date?: string;
      readonly person?: string;
    }
  | { readonly kind: 'offer'; readonly offer: Offer; readonly number: string }
  | {
      readonly kind: 'issued';
      readonly kept: KeptSheet;
      readonly units: UnitSystem;
      readonly issued: string;
      readonly over?: string;
      readonly address?: string;
    };

/** How far it is: the stage of the work, and the share of that stage that is done. */
export interface PdfProgress {
  readonly stage: 'planning' | 'layout' | 'drawing';
  readonly done: number;
}
