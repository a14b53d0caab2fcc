import { ChangePersonBody, FirstAccountBody, HouseRulesBody, NewPersonBody, OneTimeBody, PasswordBody, ResetBody, SignInBody } from './accounts.ts';
import { ChangeAreaBody, ChangeDefectBody, ChangeJobBody, NewAreaBody, NewDefectBody, NewJobBody, VersionBody } from './job.ts';
import { KeepDaysBody } from './days.ts';
import { IssueBody, PlanStateBody } from './issued.ts';
import { JobFile, jobFileVersion } from './jobFile.ts';
import { roles, type Role } from './roles.ts';
import { ChangePhotoBody, NewPhotoBody } from './photos.ts';
import { ChangeProductBody, ChangeStockBody, NewProductBody, NewStockBody, ProductFileBody } from './shelf.ts';

type Contract = new () => object;

/** One operation of the API: what it is, who may do it, what it takes, and an example that works. */
export interface RouteDescription {
  readonly method: 'get' | 'post' | 'put' | 'delete';
  /** below /api, with {id} where a record is named */
  readonly path: string;
  readonly summary: string;
  /** anybody, who is signed in, or only some roles */
  readonly access: 'open' | readonly Role[];
  readonly body?: Contract;
  readonly example?: object;
  /** the status of success */
  readonly status: 200 | 201 | 204;
  readonly answer: string;
  /** refusals of its own, by status */
  readonly refuses?: Readonly<Record<string, string>>;
  /** an answer that does not end */
  readonly stream?: true;
}

const everyone = roles;
const planners = ['owner', 'estimator'] as const satisfies readonly Role[];
/** who works on the site: they add what they see and begin what is planned */
const crew = ['owner', 'estimator', 'finisher'] as const satisfies readonly Role[];
const owners = ['owner'] as const satisfies readonly Role[];

const exampleId = '3f0f9d6e-1111-4222-8333-444455556666';
let changes = 0;
/** an id of its own for each example: a change is known by it */
const nextChange = () => `3f0f9d6e-2222-4222-8333-44445555${String(1000 + (changes += 1))}`;
const at = '2026-06-01T12:00:00Z';
const job = {
  site: 'Mill Lane 4',
  client: 'Housing trust',
  timeZone: 'Europe/Paris',
  units: 'metric',
  startAt: '2026-06-03T06:00:00Z',
  crew: [
    { id: 'person-1', name: 'Ada', skills: ['respirator'] },
    { id: 'person-2', name: '', skills: [] },
  ],
};
const area = { name: 'Hall', facts: { place: { value: 'inside', how: 'entered', at }, slabC: { value: 15, how: 'measured', at, text: '15 °C' } } };
const defect = { kind: 'slab-crack', mark: 'H-01', facts: { lengthMm: { value: 4200, how: 'measured', at, text: '4.2 m' } }, confirmed: [], decisions: [] };
/** the smallest picture there is: one gray pixel */
const pixel =
  '/9j/2wBDAAEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQH/wAALCAABAAEBAREA/8QAFAABAAAAAAAAAAAAAAAAAAAAAP/EABQQAQAAAAAAAAAAAAAAAAAAAAD/2gAIAQEAAD8AP//Z';
const product = {
  title: 'Quick mortar of our supplier',
  basedOn: 'polymer-mortar-2k',
  sheet: 'data sheet of 2026',
  figures: { 'lift/floor': 25 },
  packs: [{ size: 25_000, unit: 'g', price: { amount: 31.5, currency: 'USD', on: '2026-05-01' } }],
};
const packs = { of: 'polymer-mortar-2k', lot: 'L-204', count: 3, expiresOn: '2027-01-31' };
const versioned = () => ({ change: nextChange(), version: 1 });

const describe = <const T extends Record<string, RouteDescription>>(table: T): T => table;

/** Every operation of the API. The server mounts these and no others; the OpenAPI document lists them. */
export const routes = describe({
  readSession: { method: 'get', path: '/session', summary: 'Who is signed in, and the time of the server', access: 'open', status: 200, answer: 'the session' },
  signIn: {
    method: 'post',
    path: '/session',
    summary: 'Sign in',
    access: 'open',
    body: SignInBody,
    example: { login: 'owner', password: 'a long password' },
    status: 201,
    answer: 'the session; its cookie is set',
  },
  signOut: { method: 'delete', path: '/session', summary: 'Sign out', access: 'open', status: 204, answer: 'nothing' },
  firstAccount: {
    method: 'post',
    path: '/first-account',
    summary: 'Make the first account of an installation',
    access: 'open',
    body: FirstAccountBody,
    example: { firm: 'Rook & Son', name: 'A. Rook', login: 'rook', password: 'a long password' },
    status: 201,
    answer: 'the session',
  },
  demoSignIn: {
    method: 'post',
    path: '/demo-session',
    summary: 'Sign in to the demo, on this machine only',
    access: 'open',
    status: 201,
    answer: 'the session',
  },
  oneTime: {
    method: 'post',
    path: '/one-time',
    summary: 'Set a password by a one-time link',
    access: 'open',
    body: OneTimeBody,
    example: { token: 'x'.repeat(43), password: 'a long password' },
    status: 201,
    answer: 'the session',
  },

  readFirm: { method: 'get', path: '/firm', summary: 'The firm and its house rules', access: everyone, status: 200, answer: 'the firm' },
  changeRules: {
    method: 'put',
    path: '/firm',
    summary: 'Set the house rules',
    access: planners,
    body: HouseRulesBody,
    example: { ...versioned(), schools: { 'chase-depth': 'deep' }, labor: { perHour: 48, currency: 'USD', since: '2026-01-01' } },
    status: 200,
    answer: 'the firm',
  },

  changePassword: {
    method: 'put',
    path: '/me/password',
    summary: 'Set one’s own password; every other session ends',
    access: everyone,
    body: PasswordBody,
    example: { present: 'a long password', password: 'another long password' },
    status: 200,
    answer: 'the session, with a new cookie',
  },
  listSessions: { method: 'get', path: '/me/sessions', summary: 'One’s own sessions', access: everyone, status: 200, answer: 'the sessions' },
  endSession: { method: 'delete', path: '/me/sessions/{id}', summary: 'End one of one’s own sessions', access: everyone, status: 204, answer: 'nothing' },

  listPeople: { method: 'get', path: '/people', summary: 'The accounts of the firm', access: owners, status: 200, answer: 'the accounts' },
  addPerson: {
    method: 'post',
    path: '/people',
    summary: 'Add an account',
    access: owners,
    body: NewPersonBody,
    example: { id: exampleId, change: nextChange(), name: 'Teo', login: 'teo', role: 'finisher' },
    status: 201,
    answer: 'the account, and its one-time link',
  },
  changePerson: {
    method: 'put',
    path: '/people/{id}',
    summary: 'Change the role of an account, or disable it',
    access: owners,
    body: ChangePersonBody,
    example: { ...versioned(), name: 'Teo', role: 'viewer', disabled: false },
    status: 200,
    answer: 'the account',
  },
  resetPerson: {
    method: 'post',
    path: '/people/{id}/reset',
    summary: 'Make a one-time link for an account',
    access: owners,
    body: ResetBody,
    example: { change: nextChange() },
    status: 201,
    answer: 'the one-time link',
  },

  listJobs: { method: 'get', path: '/jobs', summary: 'The jobs of the firm with their counts', access: everyone, status: 200, answer: 'the jobs' },
  readJob: { method: 'get', path: '/jobs/{id}', summary: 'A job with its areas and defects', access: everyone, status: 200, answer: 'the job' },
  exportJob: { method: 'get', path: '/jobs/{id}/file', summary: 'A job as a job file', access: everyone, status: 200, answer: 'the job file' },
  exportCsv: {
    method: 'get',
    path: '/jobs/{id}/defects.csv',
    summary: 'The defects of a job as CSV, a column for every fact',
    access: everyone,
    status: 200,
    answer: 'the CSV',
  },
  jobSheets: {
    method: 'get',
    path: '/jobs/{id}/sheets.pdf',
    summary: 'The sheets of a job as PDF; ?defect= for one repair, ?area= for those of one area, ?units=metric or us',
    access: everyone,
    status: 200,
    answer: 'the PDF',
  },
  jobOptions: {
    method: 'get',
    path: '/jobs/{id}/options.pdf',
    summary: 'Options for the client on one repair as PDF, side by side; ?defect=, ?ask=scope:system,… and ?face=widthxheight in mm, ?units=metric or us',
    access: everyone,
    status: 200,
    answer: 'the PDF',
  },
  importJob: {
    method: 'post',
    path: '/job-files',
    summary: 'Take a job file in as a new job; ?change=UUID makes a repeat known, Accept: application/x-ndjson tells how far it is',
    access: planners,
    body: JobFile,
    example: { format: 'oddment-job', version: jobFileVersion, job: { ...job, id: exampleId, areas: [] } },
    status: 201,
    answer: 'the job',
  },
  createJob: {
    method: 'post',
    path: '/jobs',
    summary: 'Make a job',
    access: planners,
    body: NewJobBody,
    example: { ...job, id: exampleId, change: nextChange() },
    status: 201,
    answer: 'the job',
  },
  createArea: {
    method: 'post',
    path: '/jobs/{id}/areas',
    summary: 'Make an area in a job',
    access: planners,
    body: NewAreaBody,
    example: { ...area, id: exampleId, change: nextChange() },
    status: 201,
    answer: 'the area',
  },
  createDefect: {
    method: 'post',
    path: '/areas/{id}/defects',
    summary: 'Make a defect in an area',
    access: planners,
    body: NewDefectBody,
    example: { ...defect, id: exampleId, change: nextChange() },
    status: 201,
    answer: 'the defect',
  },
  changeJob: {
    method: 'put',
    path: '/jobs/{id}',
    summary: 'Change a job',
    access: planners,
    body: ChangeJobBody,
    example: { ...job, ...versioned() },
    status: 200,
    answer: 'the job',
  },
  changeArea: {
    method: 'put',
    path: '/areas/{id}',
    summary: 'Change an area',
    access: planners,
    body: ChangeAreaBody,
    example: { ...area, ...versioned() },
    status: 200,
    answer: 'the area',
  },
  changeDefect: {
    method: 'put',
    path: '/defects/{id}',
    summary: 'Change a defect',
    access: planners,
    body: ChangeDefectBody,
    example: { ...defect, ...versioned() },
    status: 200,
    answer: 'the defect',
  },
  deleteJob: {
    method: 'delete',
    path: '/jobs/{id}',
    summary: 'Delete a job',
    access: planners,
    body: VersionBody,
    example: versioned(),
    status: 200,
    answer: 'the job',
  },
  deleteArea: {
    method: 'delete',
    path: '/areas/{id}',
    summary: 'Delete an area',
    access: planners,
    body: VersionBody,
    example: versioned(),
    status: 200,
    answer: 'the area',
  },
  deleteDefect: {
    method: 'delete',
    path: '/defects/{id}',
    summary: 'Delete a defect',
    access: planners,
    body: VersionBody,
    example: versioned(),
    status: 200,
    answer: 'the defect',
  },
  restoreJob: {
    method: 'post',
    path: '/jobs/{id}/restore',
    summary: 'Bring a deleted job back',
    access: planners,
    body: VersionBody,
    example: versioned(),
    status: 200,
    answer: 'the job',
  },
  restoreArea: {
    method: 'post',
    path: '/areas/{id}/restore',
    summary: 'Bring a deleted area back',
    access: planners,
    body: VersionBody,
    example: versioned(),
    status: 200,
    answer: 'the area',
  },
  listPhotos: {
    method: 'get',
    path: '/defects/{id}/photos',
    summary: 'The photos of a defect, without their pictures',
    access: everyone,
    status: 200,
    answer: 'the photos',
  },
  readPhoto: { method: 'get', path: '/photos/{id}', summary: 'The picture of a photo', access: everyone, status: 200, answer: 'the picture, as JPEG' },
  addPhoto: {
    method: 'post',
    path: '/defects/{id}/photos',
    summary: 'Add a photo to a defect; what the file says beside the picture is not kept',
    access: crew,
    body: NewPhotoBody,
    example: { id: exampleId, change: nextChange(), jpeg: pixel, caption: 'Dark edge after wiping' },
    status: 201,
    answer: 'the photo',
  },
  changePhoto: {
    method: 'put',
    path: '/photos/{id}',
    summary: 'Change the caption of a photo',
    access: crew,
    body: ChangePhotoBody,
    example: { ...versioned(), caption: 'Seen from the door' },
    status: 200,
    answer: 'the photo',
  },
  deletePhoto: {
    method: 'delete',
    path: '/photos/{id}',
    summary: 'Delete a photo',
    access: planners,
    body: VersionBody,
    example: versioned(),
    status: 200,
    answer: 'the photo',
  },
  restorePhoto: {
    method: 'post',
    path: '/photos/{id}/restore',
    summary: 'Bring a deleted photo back',
    access: planners,
    body: VersionBody,
    example: versioned(),
    status: 200,
    answer: 'the photo',
  },

  listDays: {
    method: 'get',
    path: '/jobs/{id}/days',
    summary: 'The kept days of a job',
    access: everyone,
    status: 200,
    answer: 'the days, without what they say',
  },
  readChanges: {
    method: 'get',
    path: '/jobs/{id}/changes',
    summary: 'Who changed what of a job, newest first; ?of=ID of one record, ?before=TURN further back',
    access: everyone,
    status: 200,
    answer: 'the changes, two hundred at a time',
  },
  exportChanges: {
    method: 'get',
    path: '/jobs/{id}/changes.csv',
    summary: 'All changes of a job as CSV, a line for each field',
    access: everyone,
    status: 200,
    answer: 'the CSV',
  },
  readBin: {
    method: 'get',
    path: '/bin',
    summary: 'What was deleted within the last thirty days',
    access: planners,
    status: 200,
    answer: 'what lies in the bin',
  },
  readElsewhere: {
    method: 'get',
    path: '/jobs/{id}/elsewhere',
    summary: 'When people of the firm are at other jobs, by the days kept there',
    access: everyone,
    status: 200,
    answer: 'who, where, from when to when',
  },
  readAhead: {
    method: 'get',
    path: '/days',
    summary: 'The kept days of all jobs that are not over yet, each from its today on',
    access: everyone,
    status: 200,
    answer: 'the days by job',
  },
  readDays: { method: 'get', path: '/days/{id}', summary: 'Kept days, as they were kept', access: everyone, status: 200, answer: 'the days' },
  keepDays: {
    method: 'post',
    path: '/jobs/{id}/days',
    summary: 'Keep days: gone through on the job as it stands, kept with what they were made from; plans not issued yet are issued with them',
    access: planners,
    body: KeepDaysBody,
    example: {
      id: exampleId,
      change: nextChange(),
      jobVersion: 1,
      aim: 'finish',
      seed: 1,
      issue: true,
      placements: [{ id: 'H-01/cover', start: 0, end: 10, people: ['person-1'] }],
    },
    status: 201,
    answer: 'the days, without what they say',
    refuses: { '409': 'the days do not hold on the job as it is now' },
  },
  daysSheets: {
    method: 'get',
    path: '/days/{id}/sheets.pdf',
    summary: 'A sheet for each person and day of kept days as PDF; ?person=ID and ?date=2026-06-03 for some of them',
    access: everyone,
    status: 200,
    answer: 'the PDF',
  },
  daysCalendar: {
    method: 'get',
    path: '/days/{id}/days.ics',
    summary: 'Kept days as iCalendar; ?person=ID for one of the crew',
    access: everyone,
    status: 200,
    answer: 'the calendar',
  },
  daysTable: {
    method: 'get',
    path: '/days/{id}/days.csv',
    summary: 'Kept days as CSV, a row for each thing that somebody does',
    access: everyone,
    status: 200,
    answer: 'the table',
  },
  forgetDays: {
    method: 'delete',
    path: '/days/{id}',
    summary: 'Withdraw kept days',
    access: planners,
    body: VersionBody,
    example: versioned(),
    status: 200,
    answer: 'the days',
  },
  restoreDays: {
    method: 'post',
    path: '/days/{id}/restore',
    summary: 'Bring withdrawn days back',
    access: planners,
    body: VersionBody,
    example: versioned(),
    status: 200,
    answer: 'the days',
  },

  listIssued: {
    method: 'get',
    path: '/jobs/{id}/plans',
    summary: 'The issued plans of a job',
    access: everyone,
    status: 200,
    answer: 'the plans, without what they say',
  },
  listBegun: {
    method: 'get',
    path: '/begun',
    summary: 'The plans that are being worked, over all jobs',
    access: everyone,
    status: 200,
    answer: 'the plans, without what they say',
  },
  readIssued: { method: 'get', path: '/plans/{id}', summary: 'An issued plan, as it was kept', access: everyone, status: 200, answer: 'the plan' },
  issuedSheet: {
    method: 'get',
    path: '/plans/{id}/sheet.pdf',
    summary: 'The sheet of an issued plan as PDF; ?units=metric or us',
    access: everyone,
    status: 200,
    answer: 'the PDF',
  },
  issuePlan: {
    method: 'post',
    path: '/defects/{id}/plans',
    summary: 'Issue the plan of a defect: kept as it is, with what it was made from',
    access: planners,
    body: IssueBody,
    example: { id: exampleId, change: nextChange(), jobVersion: 1, areaVersion: 1, defectVersion: 1 },
    status: 201,
    answer: 'the plan, without what it says',
  },
  changeIssued: {
    method: 'put',
    path: '/plans/{id}',
    summary: 'Begin an issued plan, or note that it is done',
    access: crew,
    body: PlanStateBody,
    example: { ...versioned(), state: 'begun' },
    status: 200,
    answer: 'the plan, without what it says',
  },
  withdrawIssued: {
    method: 'delete',
    path: '/plans/{id}',
    summary: 'Withdraw an issued plan that is not begun',
    access: planners,
    body: VersionBody,
    example: versioned(),
    status: 200,
    answer: 'the plan, without what it says',
  },
  restoreIssued: {
    method: 'post',
    path: '/plans/{id}/restore',
    summary: 'Bring a withdrawn plan back',
    access: planners,
    body: VersionBody,
    example: versioned(),
    status: 200,
    answer: 'the plan, without what it says',
  },

  readShelf: { method: 'get', path: '/shelf', summary: 'The firm’s own products and its stock', access: everyone, status: 200, answer: 'products and stock' },
  exportProducts: {
    method: 'get',
    path: '/products',
    summary: 'The firm’s products as a file; ?format=csv or json',
    access: everyone,
    status: 200,
    answer: 'the file',
  },
  productVersions: {
    method: 'get',
    path: '/products/{id}/versions',
    summary: 'Every version of a product, the newest first',
    access: everyone,
    status: 200,
    answer: 'the versions',
  },
  createProduct: {
    method: 'post',
    path: '/products',
    summary: 'Add a product of the firm: a generic system with the figures of a data sheet',
    access: planners,
    body: NewProductBody,
    example: { ...product, id: exampleId, change: nextChange() },
    status: 201,
    answer: 'the product',
  },
  changeProduct: {
    method: 'put',
    path: '/products/{id}',
    summary: 'Change a product; what it was is kept',
    access: planners,
    body: ChangeProductBody,
    example: { ...product, ...versioned() },
    status: 200,
    answer: 'the product',
  },
  deleteProduct: {
    method: 'delete',
    path: '/products/{id}',
    summary: 'Take a product off the shelf',
    access: planners,
    body: VersionBody,
    example: versioned(),
    status: 200,
    answer: 'the product',
  },
  restoreProduct: {
    method: 'post',
    path: '/products/{id}/restore',
    summary: 'Bring a product back',
    access: planners,
    body: VersionBody,
    example: versioned(),
    status: 200,
    answer: 'the product',
  },
  importProducts: {
    method: 'post',
    path: '/product-files',
    summary: 'Take products in from CSV or JSON: what can be read is added, or is a new version of what there is; every line is reported',
    access: planners,
    body: ProductFileBody,
    example: { change: nextChange(), text: 'title,basedOn,sheet,lift/floor\nQuick mortar,polymer-mortar-2k,data sheet of 2026,25\n' },
    status: 200,
    answer: 'what was made and changed, and a report on every line',
  },
  createStock: {
    method: 'post',
    path: '/stock',
    summary: 'Add packs to the stock',
    access: crew,
    body: NewStockBody,
    example: { ...packs, id: exampleId, change: nextChange() },
    status: 201,
    answer: 'the packs',
  },
  changeStock: {
    method: 'put',
    path: '/stock/{id}',
    summary: 'Change packs in stock: how many, opened, expiry',
    access: crew,
    body: ChangeStockBody,
    example: { ...packs, ...versioned() },
    status: 200,
    answer: 'the packs',
  },
  deleteStock: {
    method: 'delete',
    path: '/stock/{id}',
    summary: 'Take packs out of the stock',
    access: crew,
    body: VersionBody,
    example: versioned(),
    status: 200,
    answer: 'the packs',
  },
  restoreStock: {
    method: 'post',
    path: '/stock/{id}/restore',
    summary: 'Bring packs back',
    access: crew,
    body: VersionBody,
    example: versioned(),
    status: 200,
    answer: 'the packs',
  },

  readWeather: {
    method: 'get',
    path: '/weather',
    summary: 'Hourly weather from the weather service; ?place= for one of its places, ?hours= for how many',
    access: everyone,
    status: 200,
    refuses: {
      404: 'the service does not know the place',
      422: 'the hours are not a number',
      502: 'what the service answers cannot be read',
      503: 'there is no service, or it does not answer',
    },
    answer: 'the places, and the hours of one of them',
  },
  readMeasured: {
    method: 'get',
    path: '/measured',
    summary: 'Climate as the instruments measured it, the middle value of every ten minutes; ?hours= back from now',
    access: everyone,
    status: 200,
    refuses: { 422: 'the hours are not a number' },
    answer: 'what was measured, in order',
  },
  watchReadings: {
    method: 'get',
    path: '/readings',
    summary: 'Readings of the instruments as server-sent events: one `state` at once, and one at each change',
    access: everyone,
    status: 200,
    stream: true,
    answer: 'a stream of events',
  },

  restoreDefect: {
    method: 'post',
    path: '/defects/{id}/restore',
    summary: 'Bring a deleted defect back',
    access: planners,
    body: VersionBody,
    example: versioned(),
    status: 200,
    answer: 'the defect',
  },
});

export type RouteName = keyof typeof routes;
export const routeNames = Object.keys(routes) as readonly RouteName[];

/** The description of an operation, as every one of them is shaped. */
export function routeOf(name: RouteName): RouteDescription {
  return routes[name];
}
