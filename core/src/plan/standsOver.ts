import { say, type Saying } from '../quantity/saying.ts';
import { things } from '../method/things.ts';
import { siteDateTime } from '../quantity/siteTime.ts';
import { dateAfter } from '../schedule/dates.ts';
import { lawTable } from '../schedule/days/laws.ts';
import { at, type Placement, type Point, type Problem } from '../schedule/days/problem.ts';
import type { DaysSetup } from '../schedule/days/setup.ts';
import { instantAfter } from '../schedule/schedule.ts';

/** Something that stands or is kept up at a repair whether anybody is there or not; instants. */
export interface Over {
  readonly mark: string;
  readonly place: string;
  readonly title: Saying;
  readonly from: string;
  readonly to: string;
}

/** What is kept wet, with who comes for it on dates on which nobody works on the repair, and the dates for which nobody is named. */
export interface KeptWet extends Over {
  readonly defect: string;
  readonly by: readonly { readonly date: string; readonly person: string; readonly name: string }[];
  readonly nobody: readonly string[];
}

/** What stands and what is kept wet, of a plan. */
export class StandsOver {
  readonly #problem: Problem;
  readonly #of: ReadonlyMap<number, Placement>;
  readonly #laws = lawTable();

  constructor(problem: Problem, placements: readonly Placement[]) {
    this.#problem = problem;
    this.#of = new Map(placements.map((p) => [p.act, p]));
  }

  /** In min from the start; nothing where it has no place, or its wait is never over. */
  #moment({ act, at: end, later }: Point): number | undefined {
    const { repairs, activities } = this.#problem;
    const one = this.#of.get(act);
    if (!one) return undefined;
    const min = this.#laws(later, at(repairs, at(activities, act).repair).climate).least(end === 'start' ? one.start : one.end);
    return Number.isFinite(min) ? min : undefined;
  }

  #over(title: Saying, from: Point, to: Point): Over | undefined {
    const { repairs, activities, places, startAt } = this.#problem;
    const repair = at(repairs, at(activities, from.act).repair);
    const [begins, ends] = [this.#moment(from), this.#moment(to)];
    if (begins === undefined || ends === undefined || ends <= begins) return undefined;
    return { mark: repair.mark, place: at(places, repair.place).name, title, from: instantAfter(startAt, begins), to: instantAfter(startAt, ends) };
  }

  /** Things that stand where they were put. */
  things(): readonly Over[] {
    return this.#problem.stands.flatMap((s) => {
      const one = this.#over(say`${things[s.thing].title}`, s.from, s.to);
      return one ? [one] : [];
    });
  }

  /** What is kept wet, and who is there for it. */
  wet({ wets = [] }: Pick<DaysSetup, 'wets'>): readonly KeptWet[] {
    const { marks, activities, repairs, timeZone, workers } = this.#problem;
    const dateOf = (moment: string) => siteDateTime(moment, timeZone).date;
    return marks.flatMap((m): KeptWet[] => {
      const act = at(activities, m.from.act);
      const one = m.is === 'water' && m.to.later ? this.#over(act.title, m.from, m.to) : undefined;
      if (!one) return [];
      const defect = at(repairs, act.repair).id;
      // whoever works in that room wets it too
      const worked = new Set(
        [...this.#of.values()]
          .filter((p) => p.people.length > 0 && at(repairs, at(activities, p.act).repair).place === m.place)
          .map((p) => dateOf(instantAfter(this.#problem.startAt, p.start))),
      );
      const dates: string[] = [];
      for (let date = dateAfter(dateOf(one.from), 1); date <= dateOf(one.to); date = dateAfter(date, 1)) dates.push(date);
      const alone = dates.filter((d) => !worked.has(d));
      const by = alone.flatMap((date) => {
        const named = wets.find((w) => w.defect === defect && w.date === date);
        const who = workers.find((w) => w.id === named?.person);
        return who ? [{ date, person: who.id, name: who.name }] : [];
      });
      return [{ ...one, defect, by, nobody: alone.filter((d) => by.every((b) => b.date !== d)) }];
    });
  }
}
