import { areaTable } from '../survey/area.ts';
import { choiceLabel, type AskTable } from '../survey/ask.ts';
import type { FactReader } from '../survey/factReader.ts';
import type { Kind } from '../survey/kind.ts';
import type { Aspect } from '../shelf/patchSystem.ts';
import type { Answer } from './subject.ts';

/** A question whose answers say something of an aspect, and how its answers are called there. */
interface Says {
  readonly field: string;
  readonly as?: Readonly<Record<string, string>>;
}

const wetness = { wet: 'running', seeping: 'running', seasonal: 'damp', salts: 'damp' } as const;
const painted = { flat: 'paint', eggshell: 'paint', gloss: 'gloss', paper: 'covering' } as const;

/** Which questions answer which aspect, the first that is answered counting. */
const answeredBy: Readonly<Partial<Record<Aspect, readonly Says[]>>> = {
  moisture: [{ field: 'moisture', as: wetness }],
  movement: [{ field: 'movement' }, { field: 'seasonal', as: { no: 'still', yes: 'moving' } }],
  traffic: [{ field: 'traffic' }],
  finish: [{ field: 'finish' }, { field: 'paint', as: painted }],
  claim: [{ field: 'claim' }],
  loaded: [{ field: 'loaded' }],
  water: [{ field: 'water' }],
  rated: [{ field: 'rated' }],
  softened: [{ field: 'softened' }],
  fastener: [{ field: 'fastener' }],
  loose: [{ field: 'loose' }],
  binder: [{ field: 'binder' }],
  base: [{ field: 'base' }],
  lath: [{ field: 'lath' }],
  body: [{ field: 'body' }],
  shell: [{ field: 'shell' }],
  part: [{ field: 'part' }],
  oil: [{ field: 'oil' }],
  joint: [{ field: 'joint' }, { field: 'runs', as: { meeting: 'trim' } }],
  end: [{ field: 'end' }],
  bar: [{ field: 'barSeen', as: { near: 'no', rusted: 'seen' } }],
  look: [{ field: 'light' }],
  fault: [{ field: 'fault' }],
  position: [
    { field: 'position', as: { ceiling: 'overhead' } },
    { field: 'part', as: { rim: 'edge' } },
  ],
};

/** Where a kind lies by its nature, where its questions do not say. */
const liesBy: Readonly<Record<string, string>> = {
  'slab-crack': 'floor',
  'map-cracking': 'floor',
  'wall-crack': 'wall',
  'joint-spall': 'floor',
  'broken-edge': 'edge',
};

const overheadMembers: readonly string[] = ['soffit', 'beam'];

/** A question of a table with its options, in the words that systems know. */
export function askedIn(table: AskTable, field: string, of: 'defect' | 'area', as?: Readonly<Record<string, string>>): NonNullable<Answer['asked']> {
  const ask = table.asks.find((a) => a.field === field);
  return { of, field, options: ask?.ask === 'choice' ? ask.options.map((o) => ({ raw: o.value, value: as?.[o.value] ?? o.value })) : [] };
}

/** How wet it is in use: behind tile in a surround it is wet through, whatever the room is. */
function wetAnswer(wetArea: string | undefined, area: FactReader): Answer | undefined {
  if (wetArea === 'yes') return { value: 'under-water', label: 'behind tile in the wet' };
  const wet = area.choice('wetUse') ?? (wetArea === 'damp' ? 'splashed' : wetArea === 'no' ? 'dry' : undefined);
  return wet === undefined ? undefined : { value: wet, label: wet === 'under-water' ? 'under water' : wet };
}

/** The answers of a defect and of its area by the aspects that systems look at. */
export function aspectValues(kind: Kind, read: FactReader, area: FactReader): Partial<Record<Aspect, Answer>> {
  const answers: Partial<Record<Aspect, Answer>> = {};
  for (const [aspect, ways] of Object.entries(answeredBy) as [Aspect, readonly Says[]][]) {
    for (const { field, as } of ways) {
      const value = read.choice(field);
      if (value === undefined) continue;
      answers[aspect] = { value: as?.[value] ?? value, label: choiceLabel(kind, field, value), asked: askedIn(kind, field, 'defect', as) };
      break;
    }
  }
  const member = read.choice('member');
  answers.position ??= { value: member !== undefined && overheadMembers.includes(member) ? 'overhead' : (liesBy[kind.id] ?? 'wall'), label: 'where it lies' };
  // what carries what is told apart for slabs alone
  if (kind.ground === 'slab' && member !== undefined)
    answers.member = { value: member, label: choiceLabel(kind, 'member', member), asked: askedIn(kind, 'member', 'defect') };
  const own = read.choice('place');
  const place = area.choice('place');
  if (own !== undefined)
    answers.place = { value: own === 'inside' ? 'inside' : place === 'outside-salt' ? 'outside-salt' : 'outside', label: choiceLabel(kind, 'place', own) };
  else if (place !== undefined) answers.place = { value: place, label: choiceLabel(areaTable, 'place', place), asked: askedIn(areaTable, 'place', 'area') };
  const wetArea = read.choice('wetArea');
  const wet = wetAnswer(wetArea, area);
  if (wet) answers.wetUse = wet;
  const occupied = area.choice('occupied');
  if (occupied !== undefined) answers.occupied = { value: occupied, label: choiceLabel(areaTable, 'occupied', occupied) };
  return answers;
}
