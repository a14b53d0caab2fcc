export { check, type Checked, type Problem } from './check.ts';
export { ChangePersonBody, FirstAccountBody, HouseRulesBody, NewPersonBody, OneTimeBody, PasswordBody, ResetBody, roles, SignInBody, type Role } from './accounts.ts';
export { AreaFields, ChangeAreaBody, ChangeDefectBody, ChangeJobBody, DecisionBody, DefectFields, JobFields, NewAreaBody, NewDefectBody, NewJobBody, VersionBody } from './job.ts';
export { checkJobFile, JobFile, jobFileSchema, readJobFile, writeJobFile } from './jobFile.ts';
export { openApi } from './openApi.ts';
export { routeNames, routeOf, routes, type RouteDescription, type RouteName } from './routes.ts';
export { schemaOf, type Schema } from './schema.ts';
export type { AreaRecord, DefectRecord, FirmRecord, JobRecord, JobSummary, OneTimeLink, OwnSession, PersonRecord, ProblemDocument, SessionRecord } from './records.ts';
