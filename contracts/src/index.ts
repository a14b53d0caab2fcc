export { check, type Checked, type Problem } from './check.ts';
export { FirstAccountBody, HouseRulesBody, SignInBody } from './accounts.ts';
export { AreaFields, ChangeAreaBody, ChangeDefectBody, ChangeJobBody, DecisionBody, DefectFields, JobFields, NewAreaBody, NewDefectBody, NewJobBody, VersionBody } from './job.ts';
export { checkJobFile, JobFile, readJobFile, writeJobFile } from './jobFile.ts';
export { jobFileSchema } from './jobFileSchema.ts';
export type { AreaRecord, DefectRecord, FirmRecord, JobRecord, JobSummary, ProblemDocument, SessionRecord } from './records.ts';
