import 'reflect-metadata';
import { ClockTime, OptionalNested, Weekdays } from './fields.ts';

/** A break of the day. */
export class PauseBody {
  @ClockTime('The beginning of the break') from!: string;
  @ClockTime('The end of the break') to!: string;
}

/** When a firm works, by the clock of the site. */
export class HoursBody {
  @ClockTime('The beginning of the day') from!: string;
  @ClockTime('The end of the day') to!: string;
  @OptionalNested(() => PauseBody) pause?: PauseBody;
  @Weekdays('The days that are worked') days!: number[];
}
