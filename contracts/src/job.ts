import 'reflect-metadata';
import {
  defectKinds,
  isDefectKind,
  mostCrew,
  preferenceProblems,
  schoolQuestions,
  skills,
  type AreaFacts,
  type DefectKind,
  type LooseFacts,
  type Person,
  type SandChoice,
  type Skill,
  type UnitSystem,
} from '@oddment/core';
import { DaysSetupBody } from './daysSetup.ts';
import { OfferSetupBody } from './offer.ts';
import { AreaFactsBody, defectFactsBody, defectFactsSchema, usualSchema, usualWrong } from './facts.ts';
import {
  ByName,
  AnyOf,
  DateOnly,
  Flag,
  Id,
  ListOf,
  Moment,
  Nested,
  NumberBetween,
  ObjectSuchThat,
  OneOf,
  OneOfThose,
  OptionalNested,
  Optionally,
  OptionalOneOf,
  OptionalText,
  SomeOf,
  Text,
  TimeZone,
  Version,
  Words,
} from './fields.ts';
import { schemaOf } from './schema.ts';

export const unitSystems = ['metric', 'us'] as const;
export const sandChoices = ['one', 'two'] as const;
const systemId = 'The system';
const noFacts = 'The facts must be an object, if an empty one.';

/** Sides taken of questions on which the trade differs, by the question's id. */
export const SidesTaken = () => ByName('The sides taken', 'string', (sides) => preferenceProblems(schoolQuestions, sides));

/** Somebody who works on a job. */
export class PersonBody implements Person {
  @Text('The id of a person', 1, 40) id!: string;
  @Text('The name of a person', 0, 60) name!: string;
  @AnyOf('What a person may do', Object.keys(skills)) skills!: Skill[];
}

/** The fields of a job that a person sets. */
export class JobBasics {
  @Text('The site', 1, 120) site!: string;
  @Text('The client', 0, 120) client!: string;
  @TimeZone() timeZone!: string;
  @OneOf('The units', unitSystems) units!: UnitSystem;
  @Moment('The start of the work') startAt!: string;
  @SomeOf('The crew', () => PersonBody, mostCrew) crew!: PersonBody[];
}

/** A job with what its days and its offer are made by and whether it is put away; who does not send that leaves it as it is. */
export class JobFields extends JobBasics {
  @Optionally(Flag('Whether it is archived')) archived?: boolean;
  @OptionalNested(() => DaysSetupBody) days?: DaysSetupBody;
  @OptionalNested(() => OfferSetupBody) offer?: OfferSetupBody;
}

export class ChoiceBody {
  @Text(systemId, 1, 300) system!: string;
  @OptionalText('The reason', 500) reason?: string;
}

export class DecisionBody {
  @Text('The stop', 1, 60) stop!: string;
  @Text('Who decided', 2, 120) who!: string;
  @Text('In what capacity', 2, 120) capacity!: string;
  @Text('What was decided', 2, 1000) what!: string;
  @DateOnly('When it was decided') on!: string;
  @OptionalText('The document', 200) document?: string;
}

/** Where a defect lies on a picture of its area, as shares of its width and height. */
export class SpotBody {
  @Id() photo!: string;
  @NumberBetween('How far across it lies', 0, 1) across!: number;
  @NumberBetween('How far down it lies', 0, 1) down!: number;
}

/** The fields of an area that a person sets. */
export class AreaFields {
  @Text('The area', 1, 80) name!: string;
  @Nested(noFacts, () => AreaFactsBody, () => schemaOf(AreaFactsBody)) facts!: AreaFacts;
  /** who does not send them leaves them as they are */
  @Optionally(ObjectSuchThat(usualSchema, usualWrong)) usual?: Readonly<Record<string, LooseFacts>>;
}

/** What a person sets of a defect, and what goes out in a file of its job. */
export class DefectBasics {
  @OneOfThose('The kind', () => defectKinds().map((k) => k.id), isDefectKind) kind!: DefectKind;
  @Text('The mark', 1, 20) mark!: string;
  @Nested(noFacts, (around) => defectFactsBody((around?.object as { kind?: unknown } | undefined)?.kind), defectFactsSchema) facts!: LooseFacts;
  @Words('The confirmed doubts', 20) confirmed!: string[];
  @OptionalNested(() => ChoiceBody) choice?: ChoiceBody;
  @Optionally(SidesTaken()) schools?: Record<string, string>;
  @OptionalOneOf('The sand', sandChoices) sand?: SandChoice;
  @ListOf('The decisions', () => DecisionBody, 20) decisions!: DecisionBody[];
  @OptionalText('The note', 2000) note?: string;
}

/** A defect with where it lies on a picture of its area. */
export class DefectFields extends DefectBasics {
  /** who does not send it leaves it as it is; null takes it away */
  @OptionalNested(() => SpotBody) spot?: SpotBody | null;
}

export class NewJobBody extends JobFields {
  @Id() id!: string;
  @Id() change!: string;
}
export class ChangeJobBody extends JobFields {
  @Id() change!: string;
  @Version() version!: number;
}
export class NewAreaBody extends AreaFields {
  @Id() id!: string;
  @Id() change!: string;
}
export class ChangeAreaBody extends AreaFields {
  @Id() change!: string;
  @Version() version!: number;
}
export class NewDefectBody extends DefectFields {
  @Id() id!: string;
  @Id() change!: string;
}
export class ChangeDefectBody extends DefectFields {
  @Id() change!: string;
  @Version() version!: number;
}
/** Where a defect stands: in which area of its job, and before which other one there; at the end where it names none. */
export class PlaceDefectBody {
  @Id() change!: string;
  @Version() version!: number;
  @Id() areaId!: string;
  @Optionally(Id()) before?: string;
}
/** Deleting, and bringing back. */
export class VersionBody {
  @Id() change!: string;
  @Version() version!: number;
}
