export { DoNotGoTogether, evaluate, OutOfRange, type Formula, type InputSpec } from './quantity/formula.ts';
export { Figure, type FigureRow, type Origin } from './quantity/figure.ts';
export { Ledger, type Figures } from './quantity/ledger.ts';
export { baseUnits, type QuantityKind, type UnitSystem } from './quantity/kind.ts';
export { parseMeasure, parseNumber } from './quantity/parse.ts';
export { bareUnit } from './quantity/units.ts';
export {
  clockTime,
  dateName,
  dayName,
  fullDate,
  fullDay,
  fullMoment,
  momentName,
  zonesDiffer,
  instant,
  say,
  tell,
  type Instant,
  type Part,
  type Saying,
  type Telling,
} from './quantity/saying.ts';
export { siteDateTime, siteInstant } from './quantity/siteTime.ts';
export { show, showValue, type Shown } from './quantity/show.ts';
export { formulaGroups, isPlainStep, formulaNamed, formulas, type FormulaGroup } from './formulas.ts';
export { workingOf, type Working } from './working.ts';
export { cite, sources, type SourceId } from './sources/register.ts';
export { areaTable, areaWords, isOutside, type AreaFacts } from './survey/area.ts';
export {
  knownBy,
  choiceLabel,
  knowings,
  relevantAsks,
  type Ask,
  type AskTable,
  type ChoiceAsk,
  type Fact,
  type Knowing,
  type LooseFacts,
  type MeasureAsk,
  type OutlineAsk,
  type DepthGridAsk,
  type TappingAsk,
  type TextAsk,
  type Station,
  type StationsAsk,
} from './survey/ask.ts';
export { factProblem, storableText } from './survey/factProblem.ts';
export { addKind, defectKinds, isDefectKind, kindOf, type DefectKind } from './survey/kinds.ts';
export { surfaces, type Doubt, type Kind, type Measured, type Refusal, type Seen, type Surface, type Surveyed } from './survey/kind.ts';
export { FactReader } from './survey/factReader.ts';
export { cellOf, readCell, type ReadCell } from './survey/entry/cells.ts';
export { fatesOf, mostEntries, readEntries, type Entry, type Fate } from './survey/entry/entries.ts';
export { readQuickLine, type NotTaken, type QuickLine, type Understood } from './survey/entry/line.ts';
export { factSaying } from './survey/factSaying.ts';
export { answersOf, asksAnew, asThis, isOwnSize, mayFold, ownSizes } from './survey/asThis.ts';
export { helpOf, sketches, type QuestionHelp, type Sketch } from './survey/help.ts';
export { mayBeUsual, usualAsks, usualOf, usualProblem, withUsual } from './survey/usual.ts';
export { crossesItself, outlinePoints, type Outline, type OutlinePoint, type Shape } from './geometry/outline.ts';
export {
  concreteBelow,
  exotherm,
  genericEpoxy,
  neatResin,
  sandFilledResin,
  stillAirWm2K,
  type CureKinetics,
  type LiftCase,
  type LiftTrace,
} from './cure/exotherm.ts';
export { cureProgress, progressEndMin, type CureProgress } from './cure/progress.ts';
export type { ClimateSeries, ClimateStretch } from './climate/series.ts';
export { liftHeat, liftHeatWhy, type LiftHeat, type LiftMix } from './cure/liftHeat.ts';
export { deltaE2000, type Lab } from './color/difference.ts';
export { grade, gradesOf, ladder, nearestGrade, stepHolds, type Grade as Grit, type GritScale } from './finishing/abrasives.ts';
export { weatherWindows, type Demands, type Weather } from './climate/windows.ts';
export { darkPath, type GrayImage } from './geometry/darkLine.ts';
export { isConvex, type Four, type Place } from './geometry/homography.ts';
export {
  measuringCard,
  middleLine,
  notInPhoto,
  placingPx,
  tracedArea,
  tracedLength,
  tracedOutline,
  tracedWidths,
  type KnownSize,
  type Traced,
  type TracedWidth,
} from './geometry/traced.ts';
export type { DepthGrid } from './geometry/depthGrid.ts';
export { tappingLimits, type TappingMap } from './geometry/tapping.ts';
export {
  usualHouseRules,
  type Area,
  type Choice,
  type Decision,
  type Defect,
  type HouseRules,
  type Job,
  type LaborRate,
  type SandChoice,
  type Spot,
} from './survey/job.ts';
export { senseArea, senseDefect, type Sense } from './survey/sense.ts';
export type { Grade, PatchSystem } from './shelf/patchSystem.ts';
export { genericShelf } from './shelf/shelf.ts';
export { auxiliaries } from './shelf/auxiliaries/auxiliaries.ts';
export { crewOf, crewToday, crewWords, handsOf, isSkill, isTold, mostCrew, personName, skills, unnamed } from './survey/crew.ts';
export type { Person, Skill } from './survey/crew.ts';
export { usualFigures } from './shelf/usual/usualFigures.ts';
export type { Usual } from './shelf/usual/usual.ts';
export type { Auxiliary } from './shelf/auxiliaries/auxiliary.ts';
export {
  firmShelf,
  genericSystem,
  genericWhy,
  notFollowed,
  productFigures,
  productProblems,
  systemOf,
  type Product,
  type ProductFigure,
  type ProductPack,
  type ProductProblem,
} from './shelf/product.ts';
export { triedFigures, withFigures, type TriedFigure } from './shelf/tried.ts';
export { productsCsv, readProducts, writeProducts, type ProductLine, type ProductsRead } from './shelf/productFile.ts';
export { onTheShelf, packState, type PackState, type StockPack } from './shelf/stock.ts';
export { safeLiftAt, safeLiftTable, usualSafeLifts, type SafeLiftTable } from './cure/safeLift.ts';
export { chaseDepth } from './schools/chaseDepth.ts';
export { preferenceProblems, takenSide, type Preferences, type SchoolQuestion, type SchoolSide, type TakenSide } from './schools/school.ts';
export { schoolQuestion, schoolQuestions } from './schools/schools.ts';
export { defectToday, productToday, renamed, rulesToday, type Renamed } from './record/renamed.ts';
export { ratesNotFollowed, rateProblems, settableRates, yearsWhy } from './shelf/rates.ts';
export { isOtherWork, type Candidate } from './match/candidates.ts';
export type { JudgedSize, Subject } from './match/subject.ts';
export { matchRules } from './match/rules.ts';
export type { ChangedFacts, Rule, Verdict } from './match/verdict.ts';
export type { Lag, Link, Step } from './method/step.ts';
export type { Schedule, Timed } from './schedule/schedule.ts';
export { things, type ThingId } from './method/things.ts';
export {
  accessWhy,
  accessWords,
  daysProblems,
  daysRenamed,
  daysWithin,
  hoursOfDaysProblems,
  usualThings,
  type AreaDays,
  type DaysSetup,
  type DoneStep,
  type DueDate,
  type PersonDays,
  type Pin,
} from './schedule/days/setup.ts';
export { dateAfter } from './schedule/dates.ts';
export { lowerBound } from './schedule/days/bound.ts';
export { findDays, type Found, type Search } from './schedule/days/improve.ts';
export { type Aim, type Score } from './schedule/days/score.ts';
export { planFaults } from './schedule/days/validate.ts';
export { jobDays, type JobDays, type LeftOut } from './plan/jobDays.ts';
export { beforeWork, chanceWords, oftenTooCold } from './plan/daysWords.ts';
export { tellDays } from './plan/daysPlan.ts';
export { type DayBlock, type DaysPlan, type Idle, type PersonDay, type WorkDay } from './plan/daysTold.ts';
export { waysOut, type WayOut } from './plan/waysOut.ts';
export { elsewhereOf, elsewhereSaid, isSamePerson, travelMin, type Elsewhere } from './plan/elsewhere.ts';
export { endOfDay, lastMixSaid, overnight } from './plan/endOfDay.ts';
export { beforeNow, goneOn, toldOf, type Behind } from './plan/goOn.ts';
export { callDate, goWords, groundWhy, insteadOf, rainOn, weatherCall, type Go, type RepairCall } from './plan/weatherCall.ts';
export { dayWear, outsideMarks } from './plan/dayWear.ts';
export { daysFormat, daysRecord, daysToday, stepOf, type DaysRecord } from './plan/daysRecord.ts';
export { type WayTaken } from './plan/changes.ts';
export { DaysDesk, type RoomTold, type Wanted as DaysWanted } from './plan/daysDesk.ts';
export { keptDays, placementsOf, type KeptPlacement } from './plan/keepDays.ts';
export { DaysMaking, makeDays, usualRounds, type DaysAsked, type DaysMade } from './plan/makeDays.ts';
export { saidStarts, stepRows, type StepRow } from './schedule/stepRows.ts';
export type { HeldStop } from './record/decided.ts';
export { cautionsOn, type Caution } from './safety/caution.ts';
export { hoursProblems, hoursWhy, hoursWords, timeAfter, usualHours, weekdays, type WorkingHours } from './survey/hours.ts';
export { partlyPriced, type Price } from './plan/price.ts';
export { rankedBy, rankWords, type RankBy } from './plan/ranking.ts';
export type { PlannedSchool, SchoolEffect } from './plan/plannedSchools.ts';
export { cautionsWhy } from './safety/hazards.ts';
export {
  plannedOf,
  planJob,
  planRepair,
  workOf,
  type IncompletePlan,
  type InView,
  type PlanInput,
  type PlannedPlan,
  type RepairPlan,
  type SurveyedPlan,
} from './plan/repairPlan.ts';
export {
  inputChanges,
  inputsOf,
  issuePlan,
  overtaken,
  planChanges,
  sheetAgain,
  stillToAnswer,
  type IssuedInputs,
  type IssuedPlan,
  type Overtaken,
  type PlanChange,
} from './plan/issued.ts';
export { issuedWork, type IssuedWork } from './plan/issuedWork.ts';
export {
  askedText,
  clientOptions,
  noPrice,
  readAsked,
  readFace,
  scopes,
  type Asked,
  type ClientOption,
  type ClientOptions,
  type Face,
  type Scope,
} from './plan/options.ts';
export { fromMinor, minorDigits, moneyText, toMinor } from './quantity/money.ts';
export { makeOffer, type OfferInput, type OfferMade, type OfferMemory } from './offer/offer.ts';
export type { NotOffered, Offer, OfferInstead, OfferLine, OfferPart, OfferWay } from './offer/offerShape.ts';
export { insteadWords, lastsWords, notInWords, offerFoot, offerHeads, sumLines } from './offer/offerWords.ts';
export { offerChanges, offerHolds, type OfferChange } from './offer/offerChanges.ts';
export { offerProblems, offerRenamed, offerWithin, withRepair, type ExtraLine, type OfferedRepair, type OfferSetup } from './offer/setup.ts';
export { logoProblem, longestValidDays, termsAdvice, usualTerms, type OfferTax, type OfferTerms } from './offer/terms.ts';
export { fastestBy, takenFor } from './plan/deadline.ts';
export {
  diffSaid,
  fieldDiff,
  putBack,
  recordChanges,
  recordFields,
  withField,
  type FieldChange,
  type FieldDiff,
  type RecordBody,
} from './record/recordFields.ts';
export { jobNext, jobStates, type JobCounts, type JobNext, type JobState } from './record/jobNext.ts';
export { running, type Running, type RunningStep } from './record/running.ts';
export { keepSheet, readSheet, type KeptSheet } from './plan/keptSheet.ts';
export { sidesDiffer } from './plan/sidesDiffer.ts';
export { answersSentence, matchWords, noWorkWords, sectionsOf, sheetOf, whoWords, type Sheet, type SheetWork } from './plan/sheet.ts';
export type { Quantity } from './quantity/quantity.ts';
export { coreVersion } from './version.ts';
export { planRecord, plansRecord, planText } from './plan/planRecord.ts';
export { mixLines } from './plan/mixLines.ts';
export { hasWork, takenAlong, type PlannedWork, type TakenAlong, type Worked } from './plan/plannedWork.ts';
export { familyReads } from './method/families.ts';
export type { Material as MethodMaterial, Mix, WorkMethod } from './method/work.ts';
export { judgedSection } from './match/judgedSection.ts';
export type { Dimension, Line, Material, Note, Point, Region, Section } from './geometry/section.ts';
export { sweep, type Inputs, type Sweep } from './quick/sweep.ts';
export { quickTools } from './quick/tools.ts';
export { hasWords, searchWords } from './quick/search.ts';
export { referenceTables, type ReferenceTable } from './quick/tables.ts';
export { listed, usualGiven, type QuickTool, type ToolAnswer, type ToolChoice, type ToolGiven, type ToolMeasure, type ToolText } from './quick/tool.ts';
export { moistAnswer, moistTool } from './quick/moist.ts';
export { recoatTool, waitAnswer, waitTool } from './quick/waiting.ts';
export { liftTool } from './quick/lift.ts';
export { gritName, gritScaleWhy, sandingAnswer, sandingTool, type SandingAnswer } from './quick/sanding.ts';
export { cupTool, wrongCupTool } from './quick/cup.ts';
export { closeEnough, differenceWords, labOf, learnedSayings, tintingAnswer, tintingTool, tintingWhy } from './quick/tinting.ts';
export { demandsWhy, surfaceWhy, usualDemands, weatherAnswer, weatherTool, type WeatherAnswer, type WorkDemands } from './quick/weather.ts';
export { crossingsAlong, portsAnswer, portsTool } from './quick/ports.ts';
export { putRight, type WeighedCup } from './mixing/putRight.ts';
export { TintingPot, type ColorTask, type Dab, type EyeRemark } from './color/matching.ts';
export { usualTints, whiteBase } from './color/usualColorants.ts';
export { settlesAs } from './climate/humidAir.ts';
export {
  climateOf,
  readWeather,
  weatherHeading,
  weatherRecord,
  writeWeather,
  type LineProblem,
  type WeatherPoint,
  type WeatherRead,
  type WeatherRecord,
} from './climate/weatherRecord.ts';
export { dewPoint } from './climate/humidAir.ts';
export { shelfLimits, type ShelfLimit } from './shelf/limits.ts';
export { readCsv, writeCsv, type CsvRow } from './quantity/csv.ts';
export { outcomes, type Outcome } from './shelf/outcomes.ts';
export { firstsTitle, type First } from './safety/firsts.ts';
export { leftOpenRule } from './match/rules/leftOpen.ts';
export { whileHere, type WhileHere } from './plan/whileHere.ts';
