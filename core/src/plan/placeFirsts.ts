import type { Subject } from '../match/subject.ts';
import type { Verdict } from '../match/verdict.ts';
import { timberDrying, timberMoisture } from '../climate/drying.ts';
import type { Figure } from '../quantity/figure.ts';
import type { InputSpec } from '../quantity/formula.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { atLeast, atMost } from '../quantity/round.ts';
import { say } from '../quantity/saying.ts';
import { crewFirst, type First, type FirstStep } from '../safety/firsts/first.ts';
import { heated } from '../safety/firsts/heated.ts';
import { beforeWork } from '../shelf/usual/beforeWork.ts';

/** What a system that was taken against a limit of nature asks for before it is worked, by the rule of the limit. */
type Brought = (ledger: Ledger, verdict: Verdict, subject: Subject) => FirstStep | undefined;

const usual = beforeWork.figures;

const evaluates = ({ min, max }: InputSpec, value: number) => atLeast(value, min) && atMost(value, max);

const dewRead: Brought = (_ledger, { min }) =>
  min && {
    by: 'meter',
    title: say`Read how far the ground stands above the dew point: ${min} at the least`,
    detail: say`air and its humidity beside the place, and the ground itself, once it is warm; less, it is warmed on`,
    look: say`${min} or more, at the coldest corner.`,
    done: 'Above the dew point',
    limits: [{ what: 'Above the dew point', is: 'least', figure: min }],
  };

/** How wood that is too wet is let dry: opened to the air, or in dried air where this air never dries it so far. Nothing is reckoned in hard frost. */
function woodDries(ledger: Ledger, value: Figure, max: Figure, { airC, humidity, section }: Subject): FirstStep['until'] {
  // every kind of timber asks for the thickness of the piece
  if (!section || !evaluates(timberMoisture.inputs.airC, airC.value)) return undefined;
  const [dried, near] = [ledger.sourced(usual.driedPct), ledger.sourced(usual.nearAirPct)];
  const known = evaluates(timberMoisture.inputs.humidityPct, humidity.value);
  const open = known ? ledger.compute(timberMoisture, { airC, humidityPct: humidity }, 'This air brings wood to') : undefined;
  const byItself = open !== undefined && atMost(open.value + near.value, max.value);
  const comesTo = open && byItself ? open : ledger.compute(timberMoisture, { airC, humidityPct: dried }, 'Dried air brings wood to');
  const minutes = ledger.compute(timberDrying, { nowPct: value, limitPct: max, airPct: comesTo, airC, thicknessMm: section }, 'Dries until it is read again');
  return {
    minutes,
    first: byItself
      ? say`Open the wood to the air, under a cover: it reads ${value}`
      : say`Close the place off and dry its air to ${dried}: the wood reads ${value}`,
    how: byItself
      ? say`paint scraped off as far as it is wet, on all sides that can be reached; what drips is caught, rain kept off, wind let through. This air brings wood to ${comesTo}`
      : say`${open ? say`this air brings wood to ${open} and no lower: ` : ''}film around it, a dehumidifier with its drain inside, the paint scraped off as far as it is wet; that brings wood to ${comesTo}`,
    with: byItself ? ['scraper', 'film', 'meter', 'pen'] : ['scraper', 'film', 'tape', 'dehumidifier', 'meter', 'pen'],
    rate: byItself ? 'coverUp' : 'heatSetUp',
    title: say`It dries: about ${minutes}`,
    look: say`The reading falls from week to week; where it does not, water still comes in.`,
  };
}

/** Wood that is too wet is read again when it should be dry by the thickness of the piece and the air. */
const woodDry: Brought = (ledger, { value, max }, subject) => {
  if (!value || !max) return undefined;
  const until = woodDries(ledger, value, max, subject);
  return {
    by: 'meter',
    ...(until && { until }),
    title: say`Read the wood again: it was ${value}, and goes on at no more than ${max}`,
    detail: say`pins along the grain, in the sound wood around the place and at its bottom`,
    look: say`No reading above ${max}, at two places.`,
    done: 'Dry enough',
    limits: [{ what: 'Moisture of the wood', is: 'most', figure: max }],
  };
};

const brought: Readonly<Record<string, Brought>> = {
  night: (_ledger, { min }) =>
    min && {
      by: 'look',
      title: say`Have the covers for the nights there before it begins: above ${min} under them`,
      detail: say`insulating mats on a frame or on film, edges weighed down against wind, a thermometer under them that keeps its lowest; no open flame. They go on before the sun is off the place`,
      look: say`Covers, weights and thermometer lie ready for all of the place and a hand around it.`,
      done: 'Covers there',
      limits: [{ what: 'Under the covers', is: 'least', figure: min }],
    },
  temperature: (ledger, { value, min, max }, { surface }) => {
    if (!value) return undefined;
    if (min && value.value < min.value)
      return heated(say`Warm the ground from ${value} to ${min}`, 'Ground', min, ledger.sourced(surface === 'drywall' ? usual.warmedBoard : usual.warmed));
    return (
      max && {
        by: 'meter',
        title: say`Begin when the ground is under ${max}: it is ${value}`,
        detail: say`shade over it since the morning, or the early hours; parts kept in the cool, none in the sun`,
        look: say`Under ${max} on the probe, and falling.`,
        done: 'Cool enough',
        limits: [{ what: 'Ground', is: 'most', figure: max }],
      }
    );
  },
  'dew-margin': (ledger, { min }) =>
    min && heated(say`Warm the ground until it stands ${min} above the dew point`, 'Above the dew point', min, ledger.sourced(usual.aboveDew)),
  'wood-moisture': woodDry,
  moisture: (ledger, _verdict, { surface, answers }) => {
    // what foams with water is out where it is dry: nobody wets a wall for it
    if (answers.moisture?.value === 'dry') return undefined;
    const [again, lies] = [ledger.sourced(usual.readAgain), ledger.sourced(usual.sheetTest)];
    const inWall = surface === 'plaster' || surface === 'drywall';
    return {
      by: 'meter',
      title: say`Read whether it is dry`,
      detail: inWall
        ? say`a meter, at the highest mark of the damp, in its middle and at the floor. A wall dries for about a month for each ${ledger.sourced(usual.dryingMonth)} of its thickness once the water is stopped; those days lie before this clock`
        : say`the sheet lifted and looked at from below. Where it is wet the place dries on, and a sheet goes down again`,
      look: inWall ? say`As dry as the wall around it that never was wet.` : say`No drops under the sheet, and no darker patch.`,
      done: 'Dry',
      ...(!inWall && {
        until: {
          minutes: lies,
          first: say`Tape a clear sheet down over the place once it looks dry`,
          how: say`what was wet is wiped, and air goes over it with a fan until no dark patch is seen; the sheet as long as an arm each way, all edges taped, shaded from sun. The days that it dries until then lie before this clock`,
          with: ['cloth', 'film', 'tape', 'pen'],
          rate: 'seeFirst',
          title: say`The sheet lies for ${lies} at the least`,
          look: say`All edges hold, and nobody has lifted it.`,
        },
      }),
      ...(inWall && {
        hold: {
          minutes: again,
          title: say`Read again after ${again}: what has dried on the face alone is wet again by then`,
          look: say`The same readings as the first time, or lower.`,
        },
      }),
    };
  },
};

/** Of several systems that do it together the one that asks most of a limit, for each of them. */
function strictest(against: readonly Verdict[]): readonly Verdict[] {
  const byRule = new Map<string, Verdict>();
  for (const v of against) {
    const known = byRule.get(v.rule);
    if (v.grade === 'out' && v.change && v.rule in brought && (!known || v.excess > known.excess)) byRule.set(v.rule, v);
  }
  return [...byRule.values()];
}

/** What the place has to come to first for the system that was taken, where it is too warm, too wet or below the dew point for it. */
export function placeFirsts(ledger: Ledger, against: readonly Verdict[], subject: Subject): readonly First[] {
  const limits = strictest(against);
  // one heater brings both about: the dew point is then read
  const warmed = limits.some((v) => v.rule === 'temperature' && v.min && v.value && v.value.value < v.min.value);
  return limits.map((v): First => {
    const bring = v.rule === 'dew-margin' && warmed ? dewRead : brought[v.rule];
    const step = bring?.(ledger, v, subject);
    return {
      id: `limit-${v.rule}`,
      title: v.of === undefined ? v.title : `${v.of}, ${v.title.toLowerCase()}`,
      who: crewFirst,
      what: say`Nothing is placed before this: ${v.change?.() ?? ''}. As it was measured, ${v.reason()}.${step?.by === 'heat' ? ' Times are those of the ground as warmed.' : v.rule === 'temperature' ? ' Times are those of the ground as cool as that.' : ' Measured again when it is so, and planned again with that.'}`,
      source: v.source,
      ...(step && { step }),
    };
  });
}
