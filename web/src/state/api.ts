import type {
  BinEntry,
  ChangesPage,
  MeasuredClimate,
  ProductFields,
  ProductFileReport,
  ProductRecord,
  ProductVersion,
  ShelfRecord,
  StockFields,
  StockRecord,
  WeatherPlace,
  WeatherReply,
  AreaRecord,
  IssuedRecord,
  IssuedSummary,
  OneTimeLink,
  PhotoRecord,
  OwnSession,
  PersonRecord,
  Role,
  DefectRecord,
  FirmRecord,
  FoundDefect,
  JobRecord,
  JobSummary,
  DaysAhead,
  KeptDaysRecord,
  KeptDaysSummary,
  OfferRecord,
  OfferState,
  OfferSummary,
  OfferTermsRecord,
  SessionRecord,
} from '@oddment/contracts';
import type { Aim, Elsewhere, HouseRules, KeptPlacement } from '@oddment/core';
import { followClock } from './clock.ts';
import { createApi } from '@reduxjs/toolkit/query/react';
import { baseQuery } from './baseQuery.ts';
import type { DraftsState } from './drafts.ts';
import { forgetReads } from './keptReads.ts';
import { withSavedSince } from './savedJobs.ts';

export type Entity = 'job' | 'area' | 'defect';
/** What can be deleted and brought back. */
/** What photos are of: a repair, or an area as its plans. */
export interface PhotosOf {
  readonly entity: 'defect' | 'area';
  readonly id: string;
}

export type Removable = Entity | 'photo' | 'plan' | 'days' | 'offer' | 'product' | 'stock';
export const paths: Record<Removable, string> = {
  job: 'jobs',
  area: 'areas',
  defect: 'defects',
  photo: 'photos',
  plan: 'plans',
  days: 'days',
  offer: 'offers',
  product: 'products',
  stock: 'stock',
};
type AnyRecord = JobRecord | AreaRecord | DefectRecord | PhotoRecord | IssuedSummary | KeptDaysSummary | OfferSummary | ProductRecord | StockRecord;

const touched = (entity: Removable) =>
  entity === 'photo'
    ? (['photos'] as const)
    : entity === 'plan'
      ? (['plans'] as const)
      : entity === 'days'
        ? (['days'] as const)
        : entity === 'offer'
          ? (['offers'] as const)
          : entity === 'product' || entity === 'stock'
            ? (['shelf'] as const)
            : (['jobs', 'job'] as const);

export const allTags = ['session', 'jobs', 'job', 'people', 'sessions', 'photos', 'plans', 'days', 'offers', 'shelf'] as const;

/** What is read again once something that was done at an address has arrived. */
export function touchedBy(address: string) {
  const name = address.split('/')[0];
  return touched((Object.keys(paths) as Removable[]).find((entity) => paths[entity] === name) ?? 'job');
}

export const api = createApi({
  reducerPath: 'api',
  baseQuery,
  tagTypes: allTags,
  endpoints: (build) => ({
    session: build.query<SessionRecord, undefined>({ query: () => 'session', transformResponse: followClock, providesTags: ['session'] }),
    demoSignIn: build.mutation<SessionRecord, undefined>({
      query: () => ({ url: 'demo-session', method: 'POST', body: {} }),
      invalidatesTags: ['session', 'jobs', 'job'],
    }),
    signIn: build.mutation<SessionRecord, { login: string; password: string }>({
      query: (body) => ({ url: 'session', method: 'POST', body }),
      invalidatesTags: ['session', 'jobs', 'job'],
    }),
    firstAccount: build.mutation<SessionRecord, { firm: string; name: string; login: string; password: string }>({
      query: (body) => ({ url: 'first-account', method: 'POST', body }),
      invalidatesTags: ['session', 'jobs'],
    }),
    signOut: build.mutation<undefined, undefined>({
      query: () => ({ url: 'session', method: 'DELETE' }),
      // whoever comes to this browser next sees nothing of what was read
      onQueryStarted: async (_none, { queryFulfilled, ...store }) => {
        const { account } = (store.getState() as unknown as { drafts: DraftsState }).drafts;
        await queryFulfilled.then(() => forgetReads(account)).catch(() => undefined);
      },
      invalidatesTags: ['session', 'jobs', 'job'],
    }),
    setRules: build.mutation<FirmRecord, { change: string; version: number } & HouseRules>({
      query: (body) => ({ url: 'firm', method: 'PUT', body }),
      invalidatesTags: ['session'],
    }),
    oneTime: build.mutation<SessionRecord, { token: string; password: string }>({
      query: (body) => ({ url: 'one-time', method: 'POST', body }),
      invalidatesTags: ['session', 'jobs', 'job'],
    }),
    people: build.query<PersonRecord[], undefined>({ query: () => 'people', providesTags: ['people'] }),
    addPerson: build.mutation<{ person: PersonRecord; link?: OneTimeLink }, { id: string; change: string; name: string; login: string; role: Role }>({
      query: (body) => ({ url: 'people', method: 'POST', body }),
      invalidatesTags: ['people'],
    }),
    changePerson: build.mutation<PersonRecord, { id: string; change: string; version: number; name: string; role: Role; disabled: boolean }>({
      query: ({ id, ...body }) => ({ url: `people/${id}`, method: 'PUT', body }),
      invalidatesTags: ['people'],
    }),
    resetPerson: build.mutation<OneTimeLink, { id: string; change: string }>({
      query: ({ id, ...body }) => ({ url: `people/${id}/reset`, method: 'POST', body }),
      invalidatesTags: ['people'],
    }),
    changePassword: build.mutation<SessionRecord, { present: string; password: string }>({
      query: (body) => ({ url: 'me/password', method: 'PUT', body }),
      invalidatesTags: ['session', 'sessions'],
    }),
    sessions: build.query<OwnSession[], undefined>({ query: () => 'me/sessions', providesTags: ['sessions'] }),
    endSession: build.mutation<undefined, string>({ query: (id) => ({ url: `me/sessions/${id}`, method: 'DELETE' }), invalidatesTags: ['sessions'] }),
    jobs: build.query<JobSummary[], undefined>({ query: () => 'jobs', providesTags: ['jobs', 'offers'] }),
    find: build.query<FoundDefect[], string>({
      query: (words) => `find?words=${encodeURIComponent(words)}`,
      providesTags: ['jobs', 'job'],
      extraOptions: { fleeting: true },
    }),
    job: build.query<JobRecord, string>({
      query: (id) => `jobs/${id}`,
      transformResponse: (job: JobRecord, meta) => withSavedSince(job, meta?.beganMs ?? Date.now()),
      providesTags: ['job'],
    }),
    createJob: build.mutation<JobRecord, Omit<JobRecord, 'areas' | 'version'> & { change: string }>({
      query: (body) => ({ url: 'jobs', method: 'POST', body }),
      invalidatesTags: ['jobs'],
    }),
    changes: build.query<ChangesPage, { jobId: string; of?: string; before?: number }>({
      query: ({ jobId, ...asked }) => {
        const words = Object.entries(asked).map(([name, value]) => `${name}=${String(value)}`);
        return `jobs/${jobId}/changes${words.length > 0 ? `?${words.join('&')}` : ''}`;
      },
      providesTags: ['job', 'jobs', 'plans', 'days', 'offers', 'photos'],
    }),
    bin: build.query<BinEntry[], undefined>({ query: () => 'bin', providesTags: ['jobs', 'job', 'plans', 'days', 'offers', 'photos', 'shelf'] }),
    remove: build.mutation<AnyRecord, { entity: Removable; id: string; version: number; change: string; name: string }>({
      query: ({ entity, id, name, ...body }) => ({ url: `${paths[entity]}/${id}`, method: 'DELETE', body, words: `${name} deleted` }),
      invalidatesTags: (_done, _error, { entity }) => touched(entity),
    }),
    restore: build.mutation<AnyRecord, { entity: Removable; id: string; version: number; change: string; name: string }>({
      query: ({ entity, id, name, ...body }) => ({ url: `${paths[entity]}/${id}/restore`, method: 'POST', body, words: `${name} brought back` }),
      invalidatesTags: (_done, _error, { entity }) => touched(entity),
    }),
    place: build.mutation<DefectRecord, { id: string; version: number; change: string; areaId: string; before?: string; mark: string }>({
      query: ({ id, mark, ...body }) => ({ url: `defects/${id}/place`, method: 'PUT', body, words: `${mark} moved` }),
      invalidatesTags: ['jobs', 'job'],
    }),
    photos: build.query<PhotoRecord[], PhotosOf>({ query: ({ entity, id }) => `${paths[entity]}/${id}/photos`, providesTags: ['photos'] }),
    changePhoto: build.mutation<PhotoRecord, { id: string; change: string; version: number; caption: string }>({
      query: ({ id, ...body }) => ({ url: `photos/${id}`, method: 'PUT', body, words: `Photo named '${body.caption}'` }),
      invalidatesTags: ['photos'],
    }),
    weather: build.query<{ places: WeatherPlace[]; place: string; reply: WeatherReply }, { place?: string; hours: number }>({
      query: ({ place, hours }) => `weather?hours=${String(hours)}${place === undefined ? '' : `&place=${encodeURIComponent(place)}`}`,
      extraOptions: { fleeting: true },
    }),
    shelf: build.query<ShelfRecord, undefined>({ query: () => 'shelf', providesTags: ['shelf'] }),
    productVersions: build.query<ProductVersion[], string>({ query: (id) => `products/${id}/versions`, providesTags: ['shelf'] }),
    createProduct: build.mutation<ProductRecord, ProductFields & { id: string; change: string }>({
      query: (body) => ({ url: 'products', method: 'POST', body }),
      invalidatesTags: ['shelf'],
    }),
    changeProduct: build.mutation<ProductRecord, ProductFields & { id: string; change: string; version: number }>({
      query: ({ id, ...body }) => ({ url: `products/${id}`, method: 'PUT', body }),
      invalidatesTags: ['shelf'],
    }),
    importProducts: build.mutation<ProductFileReport, { change: string; text: string }>({
      query: (body) => ({ url: 'product-files', method: 'POST', body }),
      invalidatesTags: ['shelf'],
    }),
    createStock: build.mutation<StockRecord, StockFields & { id: string; change: string }>({
      query: (body) => ({ url: 'stock', method: 'POST', body }),
      invalidatesTags: ['shelf'],
    }),
    changeStock: build.mutation<StockRecord, StockFields & { id: string; change: string; version: number }>({
      query: ({ id, ...body }) => ({ url: `stock/${id}`, method: 'PUT', body, words: 'Packs counted' }),
      invalidatesTags: ['shelf'],
    }),
    measured: build.query<MeasuredClimate, { hours: number }>({ query: ({ hours }) => `measured?hours=${String(hours)}`, extraOptions: { fleeting: true } }),
    issuedPlans: build.query<IssuedSummary[], string>({ query: (jobId) => `jobs/${jobId}/plans`, providesTags: ['plans'] }),
    begunPlans: build.query<IssuedSummary[], undefined>({ query: () => 'begun', providesTags: ['plans', 'jobs'] }),
    issuedPlan: build.query<IssuedRecord, string>({ query: (id) => `plans/${id}`, providesTags: ['plans'] }),
    keptDays: build.query<KeptDaysSummary[], string>({ query: (jobId) => `jobs/${jobId}/days`, providesTags: ['days'] }),
    keptDaysOf: build.query<KeptDaysRecord, string>({ query: (id) => `days/${id}`, providesTags: ['days'] }),
    elsewhere: build.query<Elsewhere[], string>({ query: (jobId) => `jobs/${jobId}/elsewhere`, providesTags: ['days'] }),
    ahead: build.query<DaysAhead[], undefined>({ query: () => 'days', providesTags: ['days'] }),
    keepDays: build.mutation<
      KeptDaysSummary,
      { jobId: string; id: string; change: string; jobVersion: number; aim: Aim; seed: number; issue: boolean; placements: readonly KeptPlacement[] }
    >({
      query: ({ jobId, ...body }) => ({ url: `jobs/${jobId}/days`, method: 'POST', body }),
      invalidatesTags: ['days', 'plans'],
    }),
    offerTerms: build.query<OfferTermsRecord, undefined>({ query: () => 'offer-terms', providesTags: ['offers'] }),
    setOfferTerms: build.mutation<OfferTermsRecord, OfferTermsRecord & { change: string }>({
      query: (body) => ({ url: 'offer-terms', method: 'PUT', body }),
      invalidatesTags: ['offers'],
    }),
    offers: build.query<OfferSummary[], string>({ query: (jobId) => `jobs/${jobId}/offers`, providesTags: ['offers'] }),
    offerOf: build.query<OfferRecord, string>({ query: (id) => `offers/${id}`, providesTags: ['offers'] }),
    issueOffer: build.mutation<OfferSummary, { jobId: string; id: string; change: string; jobVersion: number; totalMinor: number }>({
      query: ({ jobId, ...body }) => ({ url: `jobs/${jobId}/offers`, method: 'POST', body }),
      invalidatesTags: ['offers'],
    }),
    changeOffer: build.mutation<OfferSummary, { id: string; change: string; version: number; state: OfferState; number: string }>({
      query: ({ id, number, ...body }) => ({ url: `offers/${id}`, method: 'PUT', body, words: `Offer ${number} ${body.state}` }),
      invalidatesTags: ['offers'],
    }),
    issuePlan: build.mutation<IssuedSummary, { defectId: string; id: string; change: string; jobVersion: number; areaVersion: number; defectVersion: number }>({
      query: ({ defectId, ...body }) => ({ url: `defects/${defectId}/plans`, method: 'POST', body }),
      invalidatesTags: ['plans'],
    }),
    changeIssued: build.mutation<IssuedSummary, { id: string; change: string; version: number; state: 'begun' | 'done'; mark: string }>({
      query: ({ id, mark, ...body }) => ({ url: `plans/${id}`, method: 'PUT', body, words: `${mark} ${body.state}` }),
      invalidatesTags: ['plans'],
    }),
  }),
});
