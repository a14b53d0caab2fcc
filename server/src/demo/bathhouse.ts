import { demoCrew } from './demoCrew.ts';
import { siteInstant, siteDateTime, type DaysSetup, type Fact } from '@oddment/core';

/** Facts as they were at the first look, by field. */
export type FirstLook = Readonly<Record<string, Fact<unknown> | undefined>>;

/** The demo: the Quarry Street Bathhouse, a made-up municipal bathhouse of the thirties being reopened. */
export interface DemoDefect {
  readonly kind: string;
  readonly mark: string;
  readonly facts: Readonly<Record<string, Fact<unknown>>>;
  readonly confirmed?: readonly string[];
  readonly choice?: { readonly system: string; readonly reason?: string };
  readonly decisions?: readonly { stop: string; who: string; capacity: string; what: string; on: string; document?: string }[];
  readonly note?: string;
  /** what the first look found otherwise, nothing where it saw nothing: the plan was issued on it; the second look changed it */
  readonly firstLook?: FirstLook;
}

const timeZone = 'America/Chicago';
const dayMs = 86_400_000;
/** How long before the demo is loaded its walls were looked at, its plans issued, and some looked at again, min. */
export const looks = { first: 180, issued: 120, second: 30 } as const;

interface Answers {
  readonly length: number;
  readonly widths: readonly (readonly [atMm: number, widthMm: number])[];
  readonly depth?: number;
  readonly slab?: number;
  readonly more: Readonly<Record<string, string | number>>;
}

/** A slab crack in which nothing is out of the way. */
export const usualSlab = {
  member: 'slab-on-ground',
  reinforcement: 'plain',
  faces: 'level',
  ground: 'steady',
  movement: 'still',
  moisture: 'dry',
  located: 'clear',
  traffic: 'foot',
  finish: 'none',
} as const;

/** A room of the demo. */
export interface DemoRoom {
  readonly name: string;
  readonly facts: Readonly<Record<string, Fact<unknown>>>;
  readonly firstLook?: FirstLook;
  readonly defects: readonly DemoDefect[];
}

const rooms = (all: readonly DemoRoom[]) => all;

/**
 * The demo job, with dates counted from the day it is loaded. Each plan was issued on what the first look found;
 * of some repairs, and of two rooms, a second look found otherwise.
 */
export function bathhouse(now: Date) {
  const date = (days: number) => siteDateTime(new Date(now.getTime() + days * dayMs).toISOString(), timeZone).date;
  const tomorrow = date(1);
  const measuredAt = new Date(now.getTime() - looks.first * 60_000).toISOString();
  const decidedOn = siteDateTime(new Date(now.getTime() - 5 * dayMs).toISOString(), timeZone).date;
  const measured = <V>(value: V): Fact<V> => ({ value, how: 'measured', at: measuredAt });
  const entered = <V>(value: V): Fact<V> => ({ value, how: 'entered', at: measuredAt });
  /** What the first look found otherwise. */
  const first = (answers: Readonly<Record<string, unknown>>): { readonly firstLook: FirstLook } => ({
    firstLook: Object.fromEntries(
      Object.entries(answers).map(([field, value]) => [field, value === undefined ? undefined : typeof value === 'string' ? entered(value) : measured(value)]),
    ),
  });
  const crack = (a: Answers): DemoDefect['facts'] => ({
    lengthMm: measured(a.length),
    widths: measured(a.widths.map(([atMm, widthMm]) => ({ atMm, widthMm }))),
    ...(a.depth !== undefined && { depthMm: measured(a.depth) }),
    ...(a.slab !== undefined && { slabMm: measured(a.slab) }),
    ...Object.fromEntries(
      Object.entries({ ...usualSlab, ...a.more }).map(([field, value]) => [field, typeof value === 'number' ? measured(value) : entered(value)]),
    ),
  });
  const place = (where: 'inside' | 'outside-salt', airC: number, slabC: number, humidityPct: number) => ({
    place: entered(where),
    airC: measured(airC),
    slabC: measured(slabC),
    humidityPct: measured(humidityPct),
  });
  const defect = (mark: string, answers: Answers, more: Omit<DemoDefect, 'kind' | 'mark' | 'facts'> = {}): DemoDefect => ({
    kind: 'slab-crack',
    mark,
    facts: crack(answers),
    ...more,
  });

  const found = (
    kind: string,
    mark: string,
    answers: Readonly<Record<string, unknown>>,
    note?: string,
    more: Pick<DemoDefect, 'firstLook'> = {},
  ): DemoDefect => ({
    kind,
    mark,
    facts: Object.fromEntries(Object.entries(answers).map(([field, value]) => [field, typeof value === 'string' ? entered(value) : measured(value)])),
    ...(note !== undefined && { note }),
    ...more,
  });
  const box = (widthMm: number, heightMm: number) => ({ shape: { is: 'rectangle', widthMm, heightMm } });
  const round = (widthMm: number, heightMm: number) => ({ shape: { is: 'ellipse', widthMm, heightMm } });

  return {
    job: {
      site: 'Quarry Street Bathhouse',
      client: 'Wash-house trust',
      timeZone,
      units: 'metric' as const,
      startAt: siteInstant(tomorrow, '07:10', timeZone),
      crew: demoCrew.slice(0, 2),
    },
    /** what its days are made by: a school bathes on the third day, rain is forecast, the trust opens in two weeks, and the boiler is wanted too soon */
    days: (id: (name: string) => string): DaysSetup => ({
      forecast: 'river-plain',
      areas: [
        { area: id('Wash hall'), shut: [date(3)] },
        { area: id('Slipper baths'), quiet: { from: '12:00', to: '14:00' } },
        { area: id('Coal yard ramp'), rain: [{ date: date(2), from: '08:00', to: '15:00' }] },
      ],
      dates: [{ date: date(14) }, { defect: id('BR-02'), date: date(8) }],
    }),
    areas: rooms([
      {
        name: 'Pool surround',
        facts: place('inside', 17, 15, 62),
        defects: [
          defect(
            'PS-01',
            {
              length: 4200,
              widths: [
                [0, 2],
                [2100, 5],
                [4200, 3],
              ],
              depth: 80,
              slab: 120,
              more: { traffic: 'hard-wheels', finish: 'thin-coating' },
            },
            { choice: { system: 'rapid-crack-resin' } },
          ),
          defect(
            'PS-02',
            {
              length: 1100,
              widths: [
                [0, 0.2],
                [600, 0.3],
              ],
              depth: 40,
              slab: 120,
              more: {},
            },
            { note: 'Hairline beside the old diving step.' },
          ),
          defect(
            'PS-03',
            {
              length: 2600,
              widths: [
                [0, 1.2],
                [1300, 1.8],
              ],
              slab: 120,
              more: { moisture: 'damp', traffic: 'soft-tires' },
            },
            { note: 'Dark edge comes back after wiping; the light well is behind.', ...first({ moisture: 'dry', depthMm: 60 }) },
          ),
          defect(
            'PS-04',
            {
              length: 3100,
              widths: [
                [0, 4],
                [1500, 6],
                [3100, 4.5],
              ],
              depth: 100,
              slab: 120,
              more: { faces: 'stepped', stepMm: 28, traffic: 'hard-wheels' },
            },
            first({ faces: 'level', stepMm: undefined }),
          ),
        ],
      },
      {
        name: 'Wash hall',
        facts: place('inside', 19, 18, 55),
        defects: [
          defect('WH-01', {
            length: 7400,
            widths: [
              [0, 1.5],
              [3700, 2.2],
              [7400, 1.8],
            ],
            slab: 150,
            more: { movement: 'moving', movementMm: 1.5 },
          }),
          defect(
            'WH-02',
            {
              length: 12000,
              widths: [
                [0, 1.5],
                [6000, 2],
                [12000, 1.6],
              ],
              depth: 50,
              slab: 150,
              more: { located: 'found', coverMm: 32, traffic: 'hard-wheels', finish: 'covering' },
            },
            { choice: { system: 'rapid-crack-resin' }, note: 'Heating pipes of the new floor run across.' },
          ),
          defect(
            'WH-03',
            {
              length: 1900,
              widths: [
                [0, 0.5],
                [950, 0.8],
              ],
              depth: 60,
              slab: 140,
              more: { member: 'suspended', reinforcement: 'reinforced', alongBar: 'no' },
            },
            {
              decisions: [
                {
                  stop: 'structural',
                  who: 'Rosalind Achterberg',
                  capacity: 'licensed structural engineer',
                  what: 'Old shrinkage, bars sound; may be filled as cosmetic.',
                  on: decidedOn,
                  document: 'letter 14 of the survey',
                },
              ],
            },
          ),
        ],
      },
      {
        name: 'Boiler room',
        facts: { ...place('inside', 16, 15, 70), yearBuilt: measured(1931), occupied: entered('empty') },
        defects: [
          found(
            'bar-spall',
            'BR-01',
            {
              sounded: 'tapped',
              tapping: { cellMm: 100, rows: ['sssssss', 'shhhsss', 'shhhhss', 'sshhhss', 'sssssss'] },
              position: 'overhead',
              loaded: 'unknown',
              barMm: 12,
              leftMm: 10.9,
              bars: 2,
              coverMm: 18,
              stoneMm: 20,
              halfBare: 'yes',
              salt: 'unknown',
              cause: 'cover',
              causeBy: 'us',
              services: 'clear',
              look: 'hidden',
            },
            'Over the old feed pump.',
            first({ loaded: 'no' }),
          ),
          found(
            'wall-crack',
            'BR-02',
            {
              lengthMm: 1800,
              widths: [
                { atMm: 0, widthMm: 0.3 },
                { atMm: 900, widthMm: 0.6 },
                { atMm: 1800, widthMm: 0.4 },
              ],
              wallMm: 200,
              member: 'wall-below',
              course: 'upright',
              faces: 'level',
              alongBar: 'no',
              movement: 'unknown',
              moisture: 'seeping',
              cause: 'water',
              causeBy: 'nobody',
              services: 'no',
              access: 'no',
              look: 'hidden',
              before: 'paint',
              claim: 'no',
            },
            undefined,
            first({
              widths: [
                { atMm: 0, widthMm: 0.2 },
                { atMm: 900, widthMm: 0.3 },
                { atMm: 1800, widthMm: 0.2 },
              ],
            }),
          ),
        ],
      },
      {
        name: 'Ticket office',
        ...first({ yearBuilt: 1998 }),
        facts: { ...place('inside', 20, 19, 50), yearBuilt: measured(1931), occupied: entered('around') },
        defects: [
          found(
            'plaster-loose',
            'TO-01',
            {
              sounded: 'outlined',
              outline: {
                points: [
                  { xMm: 0, yMm: 120 },
                  { xMm: 420, yMm: 0 },
                  { xMm: 980, yMm: 60 },
                  { xMm: 1040, yMm: 520 },
                  { xMm: 500, yMm: 640 },
                  { xMm: 60, yMm: 480 },
                ],
              },
              thicknessMm: 22,
              sagMm: 6,
              estimatedMm2: 400_000,
              position: 'overhead',
              binder: 'lime',
              base: 'wood-lath',
              lath: 'sound',
              layer: 'lath',
              body: 'sound',
              moisture: 'dry',
              cause: 'vibration',
              causeBy: 'gone',
              services: 'no',
              access: 'no',
              paint: 'flat',
              light: 'raking',
              texture: 'smooth',
              look: 'close',
            },
            'Under the pump room; hollow beyond the crack.',
            first({ outline: box(640, 420) }),
          ),
          found('drywall-hole', 'TO-02', {
            outline: box(180, 140),
            rated: 'no',
            wetArea: 'no',
            position: 'wall',
            boardMm: 12.7,
            framingMm: 406,
            frame: 'wood',
            layers: 'one',
            knocked: 'yes',
            softened: 'no',
            cause: 'impact',
            causeBy: 'us',
            services: 'clear',
            access: 'no',
            paint: 'eggshell',
            light: 'soft',
            texture: 'smooth',
            before: 'paint',
            look: 'passing',
          }),
          found(
            'timber-decay',
            'TO-03',
            {
              outline: box(260, 70),
              bottom: 'uneven',
              depths: {
                xMm: [0, 65, 130, 195, 260],
                yMm: [0, 35, 70],
                depthMm: [
                  [4, 10, 12, 8, 3],
                  [6, 16, 18, 12, 5],
                  [3, 8, 10, 7, 2],
                ],
              },
              end: 'no',
              member: 'sill',
              loaded: 'no',
              sectionMm: 60,
              place: 'outside',
              moisturePct: 24,
              water: 'open',
              finish: 'paint',
              grain: 'no',
              cause: 'sill',
              causeBy: 'us',
              services: 'no',
              access: 'no',
              look: 'passing',
            },
            'Meter says not yet.',
            first({ moisturePct: 16, water: 'closed' }),
          ),
        ],
      },
      {
        name: 'Slipper baths',
        facts: { ...place('inside', 22, 20, 60), wetUse: entered('splashed'), occupied: entered('empty') },
        defects: [
          found('tub-chip', 'SB-01', {
            widthMm: 14,
            heightMm: 9,
            depthMm: 1.2,
            chips: 3,
            metal: 'yes',
            shell: 'enamel',
            part: 'rim',
            flexMm: 0,
            coated: 'no',
            silicone: 'yes',
            drip: 'yes',
            rust: 'spot',
            match: 'both',
            cause: 'tool',
            causeBy: 'gone',
            look: 'close',
          }),
          found('tub-hole', 'SB-02', {
            outline: round(60, 45),
            shellMm: 4,
            shell: 'gelcoat',
            part: 'wall',
            flexMm: 0.5,
            coated: 'no',
            silicone: 'no',
            drip: 'no',
            match: 'color',
            cause: 'fitting',
            causeBy: 'us',
            services: 'no',
            access: 'yes',
            look: 'passing',
          }),
        ],
      },
      {
        name: 'Coal yard ramp',
        facts: place('outside-salt', 4, 2, 85),
        ...first({ airC: 12, slabC: 10, humidityPct: 70 }),
        defects: [
          defect(
            'CY-01',
            {
              length: 5200,
              widths: [
                [0, 2.5],
                [2600, 3.5],
                [5200, 3],
              ],
              depth: 70,
              slab: 150,
              more: { located: 'no', traffic: 'hard-wheels' },
            },
            first({ located: 'clear' }),
          ),
        ],
      },
    ]),
  };
}
