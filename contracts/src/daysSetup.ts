import 'reflect-metadata';
import { things, type ThingId } from '@oddment/core';
import { ByName, ClockTime, DateList, DateOnly, ListOf, OptionalNested, OptionalText, Optionally, Text, Words } from './fields.ts';
import { HoursBody } from './hours.ts';

const isThing = (id: string): id is ThingId => Object.hasOwn(things, id);

/** What is wrong with numbers of things, one sentence each. */
function countProblems(counts: Readonly<Record<string, number>>): readonly string[] {
  return Object.entries(counts).flatMap(([id, count]) => {
    if (!isThing(id)) return [`'${id}' is none of the things that are counted: ${Object.keys(things).join(', ')}.`];
    return Number.isInteger(count) && count >= 0 && count <= 50 ? [] : [`How many there are of '${id}' must be a whole number from 0 to 50.`];
  });
}

/** Hours of one date. */
export class OnDateBody {
  @DateOnly('The date') date!: string;
  @ClockTime('From when') from!: string;
  @ClockTime('Until when') to!: string;
}

/** Clock hours of each day. */
export class DayHoursBody {
  @ClockTime('From when') from!: string;
  @ClockTime('Until when') to!: string;
}

/** Hours of somebody that are not those of the firm. */
export class PersonDaysBody {
  @Text('The person', 1, 40) person!: string;
  @Optionally(DateList('The days off', 400)) off?: string[];
  @Optionally(ListOf('The dates with other hours', () => OnDateBody, 400)) on?: OnDateBody[];
  @Optionally(ListOf('The parts of days that he is away', () => OnDateBody, 400)) away?: OnDateBody[];
}

/** What is to be heeded of an area. */
export class AreaDaysBody {
  @Text('The area', 1, 80) area!: string;
  @OptionalNested(() => DayHoursBody) open?: DayHoursBody;
  @OptionalNested(() => DayHoursBody) quiet?: DayHoursBody;
  @OptionalText('The area it is reached through', 80) through?: string;
  @OptionalText('How one gets in', 200) keys?: string;
  @Optionally(ListOf('The rain', () => OnDateBody, 200)) rain?: OnDateBody[];
  @Optionally(DateList('The dates on which it is shut', 400)) shut?: string[];
}

/** A date that has to hold. */
export class DueDateBody {
  @OptionalText('The defect', 80) defect?: string;
  @DateOnly('The date') date!: string;
  @Optionally(ClockTime('The time')) time?: string;
}

/** A date before which nothing of a repair is begun. */
export class NotBeforeBody {
  @Text('The defect', 1, 80) defect!: string;
  @OptionalText('The step', 120) step?: string;
  @DateOnly('The date') date!: string;
  @Optionally(ClockTime('The time')) time?: string;
}

/** A step that somebody has set by hand. */
export class PinBody {
  @Text('The defect', 1, 80) defect!: string;
  @Text('The step', 1, 120) step!: string;
  @DateOnly('The date') date!: string;
  @ClockTime('The time') time!: string;
  @Words('Who does it', 2) people!: string[];
}

/** A step that is done already. */
export class DoneStepBody {
  @Text('The defect', 1, 80) defect!: string;
  @Text('The step', 1, 120) step!: string;
  @Words('Who did it', 2) people!: string[];
  @DateOnly('The date') date!: string;
  @ClockTime('From when') from!: string;
  @ClockTime('Until when') to!: string;
  @Optionally(DateOnly('The date it was done on')) toDate?: string;
}

/** Somebody who comes on a date to keep a repair wet. */
export class WetsBody {
  @Text('The defect', 1, 80) defect!: string;
  @DateOnly('The date') date!: string;
  @Text('The person', 1, 40) person!: string;
}

/** A moment at the site. */
export class SiteMomentBody {
  @DateOnly('The date') date!: string;
  @ClockTime('The time') time!: string;
}

/** What the days of a job are made by besides its crew and its repairs; what is left out is as usual. */
export class DaysSetupBody {
  @OptionalNested(() => HoursBody) hours?: HoursBody;
  @OptionalText('The place of the forecast', 40) forecast?: string;
  @Optionally(ListOf('Who keeps what wet', () => WetsBody, 2000)) wets?: WetsBody[];
  @Optionally(ListOf('The people', () => PersonDaysBody, 50)) people?: PersonDaysBody[];
  @Optionally(ByName('The things', 'number', countProblems)) things?: Record<string, number>;
  @Optionally(ListOf('The areas', () => AreaDaysBody, 200)) areas?: AreaDaysBody[];
  @Optionally(ListOf('The dates', () => DueDateBody, 2000)) dates?: DueDateBody[];
  @Optionally(ListOf('What is not begun before', () => NotBeforeBody, 2000)) notBefore?: NotBeforeBody[];
  @Optionally(ListOf('What is set by hand', () => PinBody, 2000)) pins?: PinBody[];
  @Optionally(ListOf('What is done', () => DoneStepBody, 20_000)) done?: DoneStepBody[];
  @OptionalNested(() => SiteMomentBody) from?: SiteMomentBody;
}
