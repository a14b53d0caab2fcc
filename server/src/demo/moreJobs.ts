import { siteDateTime, siteInstant, type DaysSetup, type Fact, type Person } from '@oddment/core';
import { demoCrew } from './demoCrew.ts';
import { usualSlab, type DemoDefect } from './bathhouse.ts';

const timeZone = 'America/Chicago';
const dayMs = 86_400_000;

/** A smaller job of the demo: its defects are chosen, and their plans issued; some are begun. */
export interface DemoJob {
  readonly key: string;
  readonly job: {
    readonly site: string;
    readonly client: string;
    readonly timeZone: string;
    readonly units: 'metric';
    readonly startAt: string;
    readonly crew: readonly Person[];
  };
  readonly areas: readonly { readonly name: string; readonly facts: Readonly<Record<string, Fact<unknown>>>; readonly defects: readonly DemoDefect[] }[];
  /** begun so many minutes before the demo is loaded, by mark */
  readonly begun: Readonly<Record<string, number>>;
  /** what its days are made by; they are kept as it is loaded */
  readonly days?: DaysSetup;
}

/** A reading room that opens again tomorrow evening, and wash rooms half done: both made up. */
export function moreJobs(now: Date): readonly DemoJob[] {
  const day = (days: number) => siteDateTime(new Date(now.getTime() + days * dayMs).toISOString(), timeZone).date;
  const at = new Date(now.getTime() - 3 * 3_600_000).toISOString();
  const facts = (answers: Readonly<Record<string, unknown>>) =>
    Object.fromEntries(
      Object.entries(answers).map(([field, value]): [string, Fact<unknown>] => [field, { value, how: typeof value === 'string' ? 'entered' : 'measured', at }]),
    );
  const found = (kind: string, mark: string, system: string, answers: Readonly<Record<string, unknown>>, note?: string): DemoDefect => ({
    kind,
    mark,
    facts: facts(answers),
    choice: { system },
    ...(note !== undefined && { note }),
  });
  const box = (widthMm: number, heightMm: number) => ({ shape: { is: 'rectangle', widthMm, heightMm } });
  const board = {
    rated: 'no',
    wetArea: 'no',
    boardMm: 12.7,
    framingMm: 406,
    frame: 'wood',
    softened: 'no',
    paint: 'flat',
    light: 'soft',
    texture: 'smooth',
    look: 'passing',
    before: 'paint',
    services: 'clear',
    causeBy: 'gone',
  };
  const looseTape = { widths: [{ atMm: 0, widthMm: 0.5 }], joint: 'butt', tape: 'loose', seasonal: 'no', position: 'wall', cause: 'tape' };
  const nosing = {
    edge: 'nosing',
    piece: 'no',
    barSeen: 'no',
    moisture: 'dry',
    cause: 'impact',
    causeBy: 'gone',
    look: 'hidden',
    traffic: 'foot',
  };
  const shell = { coated: 'no', silicone: 'no', drip: 'no', look: 'passing', services: 'no', causeBy: 'gone' };
  return [
    {
      key: 'reading room',
      job: {
        site: 'Lantern Row Reading Room',
        client: 'Friends of the reading room',
        timeZone,
        units: 'metric',
        startAt: siteInstant(day(1), '06:30', timeZone),
        crew: demoCrew.slice(1, 3),
      },
      areas: [
        {
          name: 'Reading room',
          facts: { ...facts({ place: 'inside', airC: 21, slabC: 20, humidityPct: 45, yearBuilt: 1994, occupied: 'empty' }) },
          defects: [
            found(
              'drywall-hole',
              'RR-01',
              'board-plug',
              { ...board, outline: box(90, 70), position: 'wall', layers: 'one', knocked: 'no', cause: 'impact', access: 'no' },
              'A chair back; painted again before tomorrow evening.',
            ),
            found('drywall-joint', 'RR-02', 're-tape', {
              ...board,
              ...looseTape,
              lengthMm: 2400,
            }),
            found('fastener-pop', 'RR-03', 'fastener-reset', {
              ...board,
              pops: 7,
              standMm: 1,
              fastener: 'nail',
              loose: 'no',
              position: 'ceiling',
              cause: 'shrinkage',
            }),
            found('drywall-hole', 'RR-04', 'board-patch', {
              ...board,
              outline: box(300, 260),
              position: 'wall',
              layers: 'one',
              knocked: 'yes',
              cause: 'opened',
              access: 'yes',
            }),
            found('plaster-hole', 'RR-06', 'gypsum-plaster', {
              outline: box(420, 260),
              bottom: 'even',
              depthMm: 14,
              position: 'wall',
              binder: 'gypsum',
              base: 'masonry',
              place: 'inside',
              moisture: 'dry',
              cause: 'opened',
              causeBy: 'us',
              services: 'clear',
              access: 'no',
              paint: 'flat',
              light: 'soft',
              texture: 'smooth',
              look: 'passing',
              before: 'paint',
            }),
            found('joint-spall', 'RR-05', 'rapid-crack-resin + joint-filler', {
              lengthMm: 3600,
              widthMm: 32,
              depthMm: 18,
              gapMm: 6,
              slabMm: 150,
              joint: 'contraction',
              cutMm: 38,
              filler: 'soft',
              ground: 'steady',
              slabAgeDays: 9000,
              moisture: 'dry',
              cause: 'wheels',
              causeBy: 'gone',
              traffic: 'hard-wheels',
              look: 'passing',
              services: 'clear',
            }),
          ],
        },
      ],
      begun: { 'RR-01': 95 },
    },
    {
      key: 'wash rooms',
      job: {
        site: 'Weir Cottages, wash rooms',
        client: 'Weir Cottages',
        timeZone,
        units: 'metric',
        startAt: siteInstant(day(-1), '08:00', timeZone),
        crew: demoCrew.slice(0, 1),
      },
      areas: [
        {
          name: 'Cellar',
          facts: facts({ place: 'inside', airC: 18, slabC: 16, humidityPct: 55, yearBuilt: 1988, occupied: 'empty' }),
          defects: [
            found('wall-crack', 'WC-01', 'epoxy-injection-resin', {
              lengthMm: 2450,
              widths: [
                { atMm: 0, widthMm: 0.2 },
                { atMm: 1200, widthMm: 0.3 },
                { atMm: 2450, widthMm: 0.2 },
              ],
              wallMm: 250,
              member: 'wall',
              course: 'upright',
              faces: 'level',
              alongBar: 'no',
              movement: 'still',
              moisture: 'dry',
              cause: 'shrinkage',
              causeBy: 'gone',
              services: 'clear',
              access: 'no',
              look: 'passing',
              before: 'bare',
              claim: 'no',
            }),
            found('concrete-spall', 'WC-02', 'polymer-mortar-2k', {
              outline: box(320, 240),
              bottom: 'uneven',
              depths: {
                xMm: [0, 160, 320],
                yMm: [0, 120, 240],
                depthMm: [
                  [20, 34, 22],
                  [30, 46, 34],
                  [22, 36, 24],
                ],
              },
              position: 'wall',
              slabMm: 250,
              barSeen: 'no',
              coverMm: 60,
              moisture: 'damp',
              oil: 'no',
              cause: 'impact',
              causeBy: 'gone',
              services: 'clear',
              access: 'no',
              traffic: 'foot',
              look: 'passing',
              before: 'bare',
            }),
            found('broken-edge', 'WC-03', 'polymer-mortar-2k', {
              lengthMm: 700,
              heightMm: 28,
              depthMm: 24,
              edge: 'nosing',
              piece: 'no',
              barSeen: 'no',
              moisture: 'damp',
              cause: 'wear',
              causeBy: 'gone',
              traffic: 'foot',
              look: 'close',
              before: 'bare',
              services: 'clear',
            }),
          ],
        },
        {
          name: 'Wash rooms',
          facts: facts({ place: 'inside', airC: 23, slabC: 22, humidityPct: 50, yearBuilt: 1988, occupied: 'empty', wetUse: 'splashed' }),
          defects: [
            found('tub-nick', 'WR-01', 'gelcoat-paste', {
              ...shell,
              widthMm: 14,
              heightMm: 9,
              depthMm: 2,
              shell: 'gelcoat',
              part: 'wall',
              flexMm: 0.3,
              match: 'both',
              cause: 'impact',
            }),
            {
              ...found('tub-crack', 'WR-02', 'fiberglass-laminate + two-part-coating', {
                ...shell,
                lengthMm: 160,
                widths: [{ atMm: 0, widthMm: 0.4 }],
                through: 'yes',
                branches: 'no',
                shell: 'gelcoat',
                part: 'wall',
                flexMm: 0.6,
                match: 'color',
                cause: 'impact',
                access: 'no',
              }),
              // nobody sprays alone, and one person does this job
              decisions: [
                {
                  stop: 'alone',
                  who: 'Wenzel Harrow',
                  capacity: 'for Weir Cottages',
                  what: 'The caretaker sits in the hall within call, from the first mist coat until the fan is off, and looks in every half hour.',
                  on: day(-1),
                },
              ],
            },
            found('timber-decay', 'WR-03', 'epoxy-consolidant + epoxy-timber-paste', {
              outline: box(220, 60),
              bottom: 'even',
              depthMm: 22,
              end: 'no',
              member: 'sill',
              loaded: 'no',
              sectionMm: 70,
              place: 'inside',
              moisturePct: 14,
              water: 'closed',
              finish: 'paint',
              grain: 'no',
              cause: 'joint',
              causeBy: 'gone',
              services: 'no',
              access: 'yes',
              look: 'passing',
              before: 'paint',
            }),
          ],
        },
      ],
      begun: { 'WC-01': 1560, 'WR-03': 84, 'WR-01': 30 },
    },
    {
      key: 'river steps',
      job: {
        site: 'River Steps and ticket kiosk',
        client: 'Quay wardens',
        timeZone,
        units: 'metric',
        startAt: siteInstant(day(0), '07:30', timeZone),
        crew: demoCrew.slice(2),
      },
      areas: [
        {
          name: 'River steps',
          facts: facts({ place: 'outside', airC: 14, slabC: 12, humidityPct: 70 }),
          defects: [
            found('broken-edge', 'RS-01', 'polymer-mortar-2k', { ...nosing, lengthMm: 900, heightMm: 40, depthMm: 30 }),
            found('broken-edge', 'RS-02', 'polymer-mortar-2k', { ...nosing, lengthMm: 1400, heightMm: 30, depthMm: 25 }),
            found('slab-crack', 'RS-03', 'rapid-crack-resin', {
              lengthMm: 1600,
              widths: [{ atMm: 0, widthMm: 2.5 }],
              depthMm: 60,
              slabMm: 140,
              ...usualSlab,
              alongBar: 'no',
            }),
          ],
        },
        {
          name: 'Ticket kiosk',
          facts: facts({ place: 'inside', airC: 19, slabC: 18, humidityPct: 55, yearBuilt: 1991, occupied: 'empty' }),
          defects: [
            found('drywall-hole', 'RS-04', 'board-plug', {
              ...board,
              outline: box(80, 70),
              position: 'wall',
              layers: 'one',
              knocked: 'no',
              cause: 'impact',
              access: 'no',
            }),
            found('drywall-joint', 'RS-05', 're-tape', {
              ...board,
              ...looseTape,
              lengthMm: 1800,
            }),
          ],
        },
      ],
      begun: { 'RS-04': 25 },
      days: { forecast: 'harbor-town' },
    },
  ];
}
