import { describe, expect, it } from 'vitest';
import { everyMethod } from '../../test/everyMethod.ts';
import { house, houseRules } from '../../test/house.ts';
import { tell, type Saying } from '../quantity/saying.ts';
import { findDays } from '../schedule/days/improve.ts';
import { at } from '../schedule/days/problem.ts';
import { daysProblems, type DaysSetup } from '../schedule/days/setup.ts';
import { planFaults } from '../schedule/days/validate.ts';
import { unnamed } from '../survey/crew.ts';
import { tellDays } from './daysPlan.ts';
import { jobDays } from './jobDays.ts';
import { makeDays } from './makeDays.ts';
import { planJob } from './repairPlan.ts';
import { waysOut } from './waysOut.ts';

const told = (s: Saying | undefined) => (s ? tell(s, { units: 'metric', timeZone: 'UTC', day: '1970-01-01T12:00:00Z' }) : '');
const base = { id: 'j', site: 'S', client: '', timeZone: 'UTC', units: 'metric', startAt: '2026-06-01T07:00:00.000Z' } as const;

describe('the days of one repair', () => {
  const all = everyMethod();
  it('have a place for every method there is, for one person and for two, or no hours would do', () => {
    let [tried, alone] = [0, 0];
    for (const { kind, system, plan, work } of all) {
      if (!work) continue;
      for (const people of [1, 2]) {
        const { problem } = jobDays({ ...base, crew: unnamed(people), areas: [plan.area] }, [plan], undefined);
        const name = [kind, system, people];
        // every tie goes from what stands before to what stands behind: there is no ring
        expect([...name, problem.ties.every((t) => t.from < t.to)]).toEqual([...name, true]);
        const found = findDays(problem, { aim: 'finish', rounds: 0, seed: 1 });
        expect([...name, planFaults(problem, found.placements)]).toEqual([...name, []]);
        if (found.score.unplaced > 0) {
          // somebody alone cannot do what takes two
          expect([...name, people === 1 && problem.activities.some((a) => a.ways.length > 0 && a.ways.every((w) => w.people === 2))]).toEqual([...name, true]);
          alone += 1;
        }
        tried += 1;
      }
    }
    expect(tried).toBeGreaterThan(250);
    expect(alone).toBeLessThan(20);
  });
  it('leave out no step of work but what covers, and what is mixed for one step', () => {
    for (const { kind, system, plan, work } of all) {
      if (!work) continue;
      const { problem } = jobDays({ ...base, crew: unnamed(2), areas: [plan.area] }, [plan], undefined);
      const kept = new Set(problem.activities.map((a) => a.step));
      const gone = work.method.steps.filter((s) => s.kind === 'work' && !kept.has(s.id) && s.handsOn?.once !== 'area-day');
      expect([kind, system, gone.filter((s) => !s.builder.startsWith('mix-')).map((s) => s.id)]).toEqual([kind, system, []]);
      expect([kind, system, gone.length]).toEqual([kind, system, problem.activities.filter((a) => a.run).length]);
    }
  });
});

describe('what does not keep', () => {
  const networks = everyMethod().flatMap(({ kind, system, plan, work }) => {
    if (!work) return [];
    const { problem } = jobDays({ ...base, crew: unnamed(2), areas: [plan.area] }, [plan], undefined);
    const ties = (from: string, to: string) =>
      problem.ties.filter((t) => at(problem.activities, t.from).step === from && at(problem.activities, t.to).step === to);
    return [{ name: [kind, system], steps: work.method.steps, links: work.method.links, mixes: work.mixes, problem, ties }];
  });
  it('is placed before it goes off, by every step that a batch is mixed for', () => {
    let [mixed, apart] = [0, 0];
    for (const { name, steps, mixes, problem, ties } of networks)
      for (const { id, within, serves } of mixes)
        for (const served of within ? serves : []) {
          const mixing = steps
            .slice(
              0,
              steps.findIndex((s) => s.id === served),
            )
            .findLast((s) => s.builder.startsWith('mix-'));
          if (!mixing) continue;
          mixed += 1;
          const with_ = problem.activities.find((a) => a.step === served)?.run !== undefined;
          if (!with_) apart += 1;
          expect([...name, id, served, with_ || ties(mixing.id, served).some((t) => t.overBy !== undefined)]).toEqual([...name, id, served, true]);
        }
    expect(mixed).toBeGreaterThan(100);
    expect(apart).toBeGreaterThan(50);
  });
  it('is followed the same day by what waits for nothing else', () => {
    let checked = 0;
    for (const { name, steps, links, problem, ties } of networks)
      for (const { from, after, to, least } of links) {
        const [first, next] = [from, to].map((id) => steps.find((s) => s.id === id));
        const both = problem.activities.some((a) => a.step === from) && problem.activities.some((a) => a.step === to);
        if (
          first?.straightOn !== true ||
          first.kind !== 'work' ||
          !both ||
          links.some((l) => l.to === to && (l.least?.minutes.value ?? 0) >= 420) ||
          least ||
          after !== 'end' ||
          next?.kind !== 'work'
        )
          continue;
        checked += 1;
        expect([...name, from, to, ties(from, to).some((t) => t.sameDay)]).toEqual([...name, from, to, true]);
      }
    expect(checked).toBeGreaterThan(200);
  });
  it('is done at once while a face is fresh, and by whoever is at it', () => {
    let [fresh, tools] = [0, 0];
    for (const { name, steps, problem } of networks)
      for (const t of problem.ties) {
        const [from, to] = [t.from, t.to].map((i) => steps.find((s) => s.id === at(problem.activities, i).step));
        if (to?.soon === 'at once' && !t.least && from?.kind === 'work' && t.after === 'end') {
          fresh += 1;
          expect([...name, to.id, (t.most?.minutes.value ?? 1e9) <= 10, t.goesOn]).toEqual([...name, to.id, true, true]);
        }
        if (to?.builder === 'clear-away' && !t.least && from?.kind === 'work') {
          tools += 1;
          expect([...name, to.id, t.goesOn]).toEqual([...name, to.id, true]);
        }
      }
    expect(fresh).toBeGreaterThan(5);
    expect(tools).toBeGreaterThan(90);
  });
  it('is begun within hours where the ground is wetted for it', () => {
    let checked = 0;
    for (const { name, steps, problem } of networks)
      steps.forEach((s, i) => {
        const next = steps[i + 1];
        const [soaked, dampened] = [s.kind === 'wait' && s.straightOn === true, s.builder === 'even-suction'];
        const act = next && problem.activities.findIndex((a) => a.step === (dampened ? 'plaster-coat.1' : next.id));
        if (!next || !(soaked || dampened) || act === undefined || act < 0) return;
        const into = problem.ties.filter((t) => t.to === act && (dampened ? at(problem.activities, t.from).step === s.id : t.least));
        if (into.length === 0) return;
        checked += 1;
        expect([...name, s.id, into.every((t) => t.most !== undefined)]).toEqual([...name, s.id, true]);
      });
    expect(checked).toBeGreaterThan(20);
  });
});

describe('the days of a house of 34 repairs', () => {
  const job = house();
  const plans = planJob(job, houseRules);
  const setup: DaysSetup = { areas: [{ area: 'Hall', through: 'Living room', quiet: { from: '12:00', to: '14:00' } }], things: { saw: 1 } };
  const { problem, leftOut } = jobDays(job, plans, houseRules, setup);
  it.each([
    ['finish', 120],
    ['visits', 60],
    ['date', 60],
  ] as const)('hold in every minute when asked for by %s, after many tries', (aim, rounds) => {
    const found = findDays(problem, { aim, rounds, seed: 1 });
    expect([problem.repairs.length, leftOut.length, found.score.unplaced]).toEqual([34, 0, 0]);
    expect(planFaults(problem, found.placements)).toEqual([]);
    const plan = tellDays(problem, found, leftOut);
    // each block of everybody's day lies behind the one before it, and all that is placed is told
    for (const d of plan.days)
      for (const p of d.people) p.blocks.forEach((b, i) => expect(i === 0 || Date.parse(b.from) >= Date.parse(p.blocks[i - 1]?.end ?? '')).toBe(true));
    const blocks = plan.days.flatMap((d) => d.people.flatMap((p) => p.blocks.map((b) => b.id)));
    expect(new Set(blocks).size).toBe(found.placements.filter((p) => p.people.length > 0).length);
    expect(Date.parse(plan.bound.at)).toBeLessThanOrEqual(Date.parse(plan.doneAt));
  });
  it('tell of a date that cannot hold why, and find ways out that work', () => {
    const [first] = plans;
    if (!first) throw new Error('no plan');
    const dated = { ...setup, dates: [{ defect: first.defect.id, date: '2026-06-01', time: '08:00' }] };
    const input = { job, plans, rules: houseRules, setup: dated };
    const other = jobDays(job, plans, houseRules, dated).problem;
    const found = findDays(other, { aim: 'date', rounds: 5, seed: 1 });
    expect(found.score.late).toBeGreaterThan(0);
    const plan = tellDays(other, found, []);
    expect(told(plan.contradiction)).toMatch(/^It cannot be done: its own work and waits take longer/);
    expect(plan.failing.map((f) => f.mark)).toEqual([first.defect.mark]);
    const ways = waysOut(input, other, found, { aim: 'date', rounds: 2, seed: 1 });
    const later = ways.find((w) => w.id === 'date');
    expect(told(later?.comes)).toContain('every date holds');
    for (const w of ways) expect(w.score.late).toBeLessThanOrEqual(found.score.late);
  });
  it('are the same for the same seed, bytes and all', () => {
    const [a, b] = [1, 2].map(() =>
      makeDays({ job: house(9), plans: planJob(house(9), houseRules), rules: houseRules, setup: {} }, { aim: 'finish', seed: 7, rounds: 10 }),
    );
    expect(JSON.stringify(a?.found)).toBe(JSON.stringify(b?.found));
    expect(a?.ways.map((w) => [w.id, told(w.comes)])).toEqual(b?.ways.map((w) => [w.id, told(w.comes)]));
  });
  it('name what is left out, and why', () => {
    const open = { ...job, areas: job.areas.map((a, i) => (i === 0 ? { ...a, defects: a.defects.map((d, n) => (n === 0 ? { ...d, facts: {} } : d)) } : a)) };
    const { leftOut: out, problem: rest } = jobDays(open, planJob(open, houseRules), houseRules);
    expect(out.map((l) => [l.mark, told(l.why)])).toEqual([['CE-1', 'Questions are open: it has no plan yet.']]);
    expect(rest.repairs.map((r) => r.mark)).not.toContain('CE-1');
  });
  it('keep to days off, dates with other hours, and what may not be begun', () => {
    const person = at(job.crew, 0).id;
    const own = {
      people: [{ person, off: ['2026-06-01'], on: [{ date: '2026-06-06', from: '08:00', to: '12:00' }] }],
      notBefore: [{ defect: 'CE-2', date: '2026-06-03' }],
    };
    const { problem: p } = jobDays(job, plans, houseRules, own);
    const hours = p.workers[0]?.hours ?? [];
    // the site is in Chicago, and the job begins there at seven
    expect([hours[0]?.from, hours.some((h) => h.from === 5 * 1440 + 60 && h.to === 5 * 1440 + 300)]).toEqual([1440, true]);
    expect(p.repairs.find((r) => r.id === 'CE-2')?.notBefore).toBe(2 * 1440 - 420);
  });
});

describe('what days are made by', () => {
  it('is refused in words where it does not go with its job', () => {
    const job = house(2);
    const wrong: DaysSetup = {
      people: [{ person: 'nobody' }],
      areas: [{ area: 'Cellar', through: 'Cellar', open: { from: '12:00', to: '08:00' } }, { area: 'Attic' }],
      dates: [{ defect: 'X-1', date: '2026-06-02' }],
    };
    expect(daysProblems(job, wrong).map((p) => p.message)).toEqual([
      "There is no person 'nobody' in this job.",
      "There is no area 'Attic' in this job.",
      "There is no defect 'X-1' in this job.",
      'An area is not reached through itself: leave it out, or name another.',
      'It ends at 08:00, which is not after 12:00.',
    ]);
    expect(daysProblems(job, {})).toEqual([]);
  });
});
