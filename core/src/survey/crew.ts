/** What somebody has to be able, and fitted out, to do. */
export type Skill = 'respirator' | 'overhead';

/** Skills as a person is asked about them. The list of who may do what is the firm's own. */
export const skills: Readonly<Record<Skill, string>> = {
  respirator: 'fitted and tested for a respirator',
  overhead: 'works overhead and at height',
};

export const isSkill = (id: string): id is Skill => Object.hasOwn(skills, id);

/** Somebody who works on a job. */
export interface Person {
  readonly id: string;
  /** empty where it is not said who comes */
  readonly name: string;
  readonly skills: readonly Skill[];
}

/** The most people that a crew has. */
export const mostCrew = 12;

/** So many people of whom nothing is said. */
export function unnamed(people: number): readonly Person[] {
  return Array.from({ length: people }, (_v, i) => ({ id: `person-${String(i + 1)}`, name: '', skills: [] }));
}

/** How many are at one repair at once: further people are at other repairs. */
export function handsOf(crew: readonly Person[]): 1 | 2 {
  return crew.length > 1 ? 2 : 1;
}

/** A crew of so many hands: the first of it, or as many unnamed ones more as it takes. */
export function crewOf(crew: readonly Person[], hands: 1 | 2): readonly Person[] {
  if (handsOf(crew) === hands) return crew;
  const kept = crew.slice(0, hands);
  // somebody who is there may have the id that the next one would get
  const free = unnamed(hands + kept.length).filter((p) => !kept.some((k) => k.id === p.id));
  return [...kept, ...free.slice(0, hands - kept.length)];
}

const numbers = ['nobody', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

/** A crew in words: its names, or how many they are. */
export function crewWords(crew: readonly Person[]): string {
  const names = crew.map((p) => p.name.trim()).filter((name) => name !== '');
  const more = crew.length - names.length;
  const count = (n: number) => numbers[n] ?? String(n);
  if (names.length === 0) return more === 1 ? 'one person' : more === 2 ? 'a pair' : `${count(more)} people`;
  const all = more === 0 ? names : [...names, `${count(more)} more`];
  return all.length === 1 ? (all[0] ?? '') : `${all.slice(0, -1).join(', ')} and ${all[all.length - 1] ?? ''}`;
}

/** What somebody of a crew is called: by name, or by place in it. */
export function personName(crew: readonly Pick<Person, 'name'>[], place: number): string {
  const name = crew[place]?.name.trim() ?? '';
  return name === '' ? `Person ${String(place + 1)}` : name;
}

/** Whether anything is said of a person, so that what he is not noted for means something. */
export const isTold = ({ name, skills: able }: Pick<Person, 'name' | 'skills'>): boolean => name.trim() !== '' || able.length > 0;

/** Skills that are asked for, and that nobody of a crew of whom something is said is noted for. */
export function lacking(crew: readonly Person[], asked: readonly Skill[]): readonly Skill[] {
  return crew.some(isTold) ? [...new Set(asked)].filter((skill) => !crew.some((p) => p.skills.includes(skill))) : [];
}

/** A job as an earlier version kept it: so many people, and none of them named. */
export function crewToday<J extends { readonly crew?: readonly Person[]; readonly people?: number }>(
  kept: J,
): Omit<J, 'people' | 'crew'> & { readonly crew: readonly Person[] } {
  const { people, crew, ...job } = kept;
  return { ...job, crew: crew ?? unnamed(people === 1 ? 1 : 2) };
}
