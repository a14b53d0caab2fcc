export { check, type Checked, type Problem } from './check.ts';
export { ChangePersonBody, FirstAccountBody, HouseRulesBody, NewPersonBody, OneTimeBody, PasswordBody, ResetBody, SignInBody } from './accounts.ts';
export { refusedTo, roles, type Role } from './roles.ts';
export {
  AreaFields,
  ChangeAreaBody,
  ChangeDefectBody,
  ChangeJobBody,
  DecisionBody,
  DefectBasics,
  DefectFields,
  JobBasics,
  JobFields,
  NewAreaBody,
  NewDefectBody,
  NewJobBody,
  PlaceDefectBody,
  VersionBody,
} from './job.ts';
export { daysCsv, KeepDaysBody, KeptPlacementBody, type DaysAhead, type DaysInputs, type KeptDaysRecord, type KeptDaysSummary } from './days.ts';
export {
  IssueOfferBody,
  OfferSetupBody,
  offerStates,
  OfferStateBody,
  OfferTermsBody,
  type OfferRecord,
  type OfferState,
  type OfferSummary,
  type OfferTermsRecord,
} from './offer.ts';
export { checkJobFile, JobFile, jobFileSchema, parsedJson, readJobFile, writeJobFile } from './jobFile.ts';
export { changesCsv } from './changesCsv.ts';
export { jobCsv } from './jobCsv.ts';
export { daysSchema } from './daysSchema.ts';
export { planSchema } from './planSchema.ts';
export { openApi } from './openApi.ts';
export { routeNames, routeOf, routes, type RouteDescription, type RouteName } from './routes.ts';
export { schemaOf, type Schema } from './schema.ts';
export type {
  AreaRecord,
  DefectRecord,
  FirmRecord,
  FoundDefect,
  JobRecord,
  JobSummary,
  OneTimeLink,
  OwnSession,
  PersonRecord,
  ProblemDocument,
  BinEntry,
  ChangedBy,
  ChangedEntity,
  ChangeRecord,
  ChangesPage,
  SessionRecord,
} from './records.ts';
export { IssueBody, planStates, PlanStateBody, type IssuedRecord, type IssuedSummary, type PlanState } from './issued.ts';
export { ChangePhotoBody, NewPhotoBody, PositionBody, type PhotoRecord } from './photos.ts';
export { photoLimits } from './photoLimits.ts';
export { lineSum, readLine, readQuantities, writeLine, type Reading, type ReadingsState, type ReadLine, type ReadQuantity } from './instrumentLine.ts';
export { WeatherHour, WeatherPlace, WeatherPlaces, WeatherReply, type MeasuredClimate, type MeasuredPoint } from './weather.ts';
export {
  ChangeProductBody,
  ChangeStockBody,
  NewProductBody,
  NewStockBody,
  ProductFields,
  ProductFileBody,
  StockFields,
  type ProductFileReport,
  type ProductRecord,
  type ProductVersion,
  type ShelfRecord,
  type StockRecord,
} from './shelf.ts';
