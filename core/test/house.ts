import type { Area, Defect, HouseRules, Job } from '../src/survey/job.ts';
import type { Person } from '../src/survey/crew.ts';
import { fact } from './cracks.ts';
import { plain, usualFacts } from './defects.ts';

/** What is found in a room of the house: kind, system where it is chosen, answers. */
type Found = readonly [kind: string, system?: string, given?: Readonly<Record<string, unknown>>];

interface Room {
  readonly name: string;
  readonly facts: Readonly<Record<string, unknown>>;
  readonly found: readonly Found[];
}

const inside = { place: 'inside', airC: 20, slabC: 19, humidityPct: 50 };

/** A made-up house of nine rooms and 34 repairs over all surfaces. */
const rooms: readonly Room[] = [
  {
    name: 'Cellar',
    facts: { place: 'inside', airC: 16, slabC: 14, humidityPct: 65 },
    found: [
      ['slab-crack', 'rapid-crack-resin', { lengthMm: 4200, slabMm: 150 }],
      ['slab-crack', 'gravity-resin', { lengthMm: 2600, slabMm: 150 }],
      ['concrete-spall', 'polymer-mortar-2k', { depthMm: 25 }],
      ['wall-crack', 'epoxy-injection-resin', { lengthMm: 1800 }],
      ['concrete-spall', 'rapid-repair-mortar', { depthMm: 40 }],
    ],
  },
  {
    name: 'Garage',
    facts: { place: 'inside', airC: 18, slabC: 17, humidityPct: 55 },
    found: [
      ['joint-spall', 'epoxy-mortar + joint-filler'],
      ['slab-crack', 'rapid-crack-resin', { lengthMm: 3000 }],
      ['broken-edge', 'hand-packed-mortar'],
      ['concrete-scaling', 'polymer-mortar-2k'],
    ],
  },
  {
    name: 'Living room',
    facts: inside,
    found: [
      ['drywall-dent', 'setting-compound-45'],
      ['drywall-dent', 'setting-compound-45'],
      ['fastener-pop', 'fastener-reset'],
      ['drywall-hole', 'board-patch'],
      ['drywall-joint', 're-tape'],
    ],
  },
  {
    name: 'Hall',
    facts: inside,
    found: [
      ['plaster-crack', 'setting-compound-90'],
      ['plaster-crack', 'setting-compound-90', { lengthMm: 900 }],
      ['plaster-loose', 'plaster-reattach + setting-compound-45 + skim-coat'],
      ['plaster-hole', 'gypsum-plaster'],
      ['drywall-hole', 'board-plug'],
    ],
  },
  {
    name: 'Bedroom',
    facts: inside,
    found: [
      ['drywall-dent', 'drying-compound'],
      ['fastener-pop', 'setting-compound-45'],
      ['finish-fault', 'skim-coat'],
      ['drywall-hole', 'mesh-patch'],
    ],
  },
  {
    name: 'Bath',
    facts: { place: 'inside', airC: 22, slabC: 21, humidityPct: 60 },
    found: [['tub-nick', 'gelcoat-paste'], ['tub-crack'], ['tub-chip'], ['tub-scratches']],
  },
  {
    name: 'Stairs',
    facts: inside,
    found: [
      ['timber-dent', 'epoxy-timber-paste'],
      ['timber-check', 'epoxy-pour-tinted'],
    ],
  },
  {
    name: 'Porch',
    facts: { place: 'outside', airC: 18, slabC: 17, humidityPct: 60 },
    found: [
      ['timber-decay', 'epoxy-timber-putty'],
      ['timber-through', 'wood-insert'],
      ['broken-edge', 'polymer-mortar-2k'],
    ],
  },
  {
    name: 'Front wall',
    facts: { place: 'outside', airC: 18, slabC: 17, humidityPct: 60 },
    found: [
      ['wall-crack', 'flexible-sealant', { lengthMm: 2400 }],
      ['plaster-loose', 'cement-plaster'],
    ],
  },
];

const facts = (given: Readonly<Record<string, unknown>>) => Object.fromEntries(Object.entries(given).map(([field, value]) => [field, fact(value)]));

/**
 * The house as a job. @param count how many of its repairs, from the first; over 34 they come again
 */
export function house(
  count = 34,
  crew: readonly Person[] = [
    { id: 'ann', name: 'Ann', skills: ['respirator', 'overhead'] },
    { id: 'bo', name: 'Bo', skills: ['respirator', 'overhead'] },
  ],
): Job {
  const all = rooms.flatMap((room) => room.found.map((found) => ({ room, found })));
  const areas = new Map<string, { readonly room: Room; readonly defects: Defect[] }>();
  for (let i = 0; i < count; i++) {
    const one = all[i % all.length];
    if (!one) break;
    const turn = Math.floor(i / all.length);
    const name = turn === 0 ? one.room.name : `${one.room.name} ${String(turn + 1)}`;
    const area = areas.get(name) ?? { room: one.room, defects: [] };
    areas.set(name, area);
    const [kind, system, given] = one.found;
    const mark = `${name
      .split(' ')
      .map((w) => w.slice(0, 2).toUpperCase())
      .join('')}-${String(area.defects.length + 1)}`;
    area.defects.push({
      id: mark,
      kind,
      mark,
      facts: usualFacts(kind, { ...plain[kind], ...given }),
      confirmed: [],
      decisions: [],
      ...(system !== undefined && { choice: { system, reason: 'taken for this house' } }),
    });
  }
  return {
    id: 'house',
    site: '3 Mill Lane',
    client: 'Made up',
    timeZone: 'America/Chicago',
    units: 'metric',
    startAt: '2026-06-01T12:00:00.000Z',
    crew,
    areas: [...areas].map(([name, { room, defects }]): Area => ({ id: name, name, facts: facts(room.facts), defects })),
  };
}

export const houseRules: HouseRules = { schools: {} };
