import type { Remark } from './patchSystem.ts';

/** Systems that do together what none does alone, in their order, and what an earlier one takes care of for a later. */
export interface Chain {
  readonly id: string;
  readonly title: string;
  readonly members: readonly string[];
  /** what goes on before the first of them: auxiliaries, by id */
  readonly before?: readonly string[];
  readonly work: string;
  readonly suits: readonly string[];
  /** what is said of the combination itself */
  readonly remark?: Remark;
  /** rules that a member is not held to here, by its id */
  readonly lifts?: Readonly<Record<string, readonly string[]>>;
}

export const chains: readonly Chain[] = [
  {
    id: 'rapid-crack-resin + joint-filler',
    title: 'Edges rebuilt in resin and sand, then joint filler',
    members: ['rapid-crack-resin', 'joint-filler'],
    work: 'rebuilds broken edges of a joint and fills it',
    suits: ['joint-spall'],
    lifts: { 'rapid-crack-resin': ['depth'] },
  },
  {
    id: 'epoxy-mortar + joint-filler',
    title: 'Edges rebuilt in epoxy mortar, then joint filler',
    members: ['epoxy-mortar', 'joint-filler'],
    work: 'rebuilds broken edges of a joint and fills it',
    suits: ['joint-spall'],
  },
  {
    id: 'rapid-repair-mortar + joint-filler',
    title: 'Edges rebuilt in rapid mortar, then joint filler',
    members: ['rapid-repair-mortar', 'joint-filler'],
    work: 'rebuilds broken edges of a joint and fills it',
    suits: ['joint-spall'],
    remark: { grade: 'care', why: 'square edges, and time to cure before the joint is cut again', source: 'practice' },
  },
  {
    id: 'epoxy-mortar + flexible-sealant',
    title: 'Edges rebuilt in epoxy mortar, then sealant',
    members: ['epoxy-mortar', 'flexible-sealant'],
    work: 'rebuilds broken edges of a joint and seals it',
    suits: ['joint-spall'],
  },
  {
    id: 'rapid-repair-mortar + flexible-sealant',
    title: 'Edges rebuilt in rapid mortar, then sealant',
    members: ['rapid-repair-mortar', 'flexible-sealant'],
    work: 'rebuilds broken edges of a joint and seals it',
    suits: ['joint-spall'],
    remark: { grade: 'care', why: 'square edges, and time to cure before the joint is cut again', source: 'practice' },
  },
  {
    id: 'bar-primer-epoxy-cement + polymer-mortar-2k',
    title: 'Bars primed, then polymer mortar',
    before: ['bar-primer-epoxy-cement'],
    members: ['polymer-mortar-2k'],
    work: 'rebuilds concrete over cleaned and primed bars',
    suits: ['bar-spall'],
    lifts: { 'polymer-mortar-2k': ['bar'] },
  },
  {
    id: 'bar-primer-zinc + polymer-mortar-2k',
    title: 'Bars zinc-primed, then polymer mortar',
    before: ['bar-primer-zinc'],
    members: ['polymer-mortar-2k'],
    work: 'rebuilds concrete over cleaned bars under a zinc-rich film',
    suits: ['bar-spall'],
    remark: { grade: 'care', why: 'a zinc-rich film wants bright metal all round; dull spots rust on under it', source: 'practice' },
    lifts: { 'polymer-mortar-2k': ['bar'] },
  },
  {
    id: 'bar-primer-epoxy-cement + hand-packed-mortar',
    title: 'Bars primed, then hand-packed mortar',
    before: ['bar-primer-epoxy-cement'],
    members: ['hand-packed-mortar'],
    work: 'rebuilds small places over cleaned and primed bars',
    suits: ['bar-spall'],
    lifts: { 'hand-packed-mortar': ['bar'] },
  },
  {
    id: 'gypsum-plaster + skim-coat',
    title: 'Gypsum plaster, then skimmed',
    members: ['gypsum-plaster', 'skim-coat'],
    work: 'renews gypsum plaster and evens the whole face',
    suits: ['plaster-hole'],
    lifts: { 'skim-coat': ['depth', 'extent', 'base', 'lath', 'lifts', 'position'] },
  },
  {
    id: 'water-plug + injection-foam',
    title: 'Leak plugged, then foam',
    members: ['water-plug', 'injection-foam'],
    work: 'stops a running leak and the crack behind it',
    suits: ['wall-crack'],
    lifts: { 'water-plug': ['movement'] },
  },
  {
    id: 'epoxy-consolidant + epoxy-timber-paste',
    title: 'Soft wood hardened, then epoxy paste',
    members: ['epoxy-consolidant', 'epoxy-timber-paste'],
    work: 'hardens and rebuilds decayed timber',
    suits: ['timber-decay', 'timber-through'],
  },
  {
    id: 'epoxy-consolidant + epoxy-timber-putty',
    title: 'Soft wood hardened, then epoxy putty',
    members: ['epoxy-consolidant', 'epoxy-timber-putty'],
    work: 'hardens and fills decayed timber',
    suits: ['timber-decay', 'timber-through'],
  },
  {
    id: 'support-fill + fiberglass-laminate + two-part-coating',
    title: 'Shell supported, laminated, coated',
    members: ['support-fill', 'fiberglass-laminate', 'two-part-coating'],
    work: 'rebuilds a tub floor that gives',
    suits: ['tub-crack', 'tub-hole'],
    lifts: { 'fiberglass-laminate': ['flex'], 'two-part-coating': ['flex'] },
  },
  {
    id: 'support-fill + fiberglass-laminate + polyester-finish-putty + two-part-coating',
    title: 'Shell supported, laminated, puttied, coated',
    members: ['support-fill', 'fiberglass-laminate', 'polyester-finish-putty', 'two-part-coating'],
    work: 'rebuilds a tub floor that gives, so that no mat shows through its coats',
    suits: ['tub-crack', 'tub-hole'],
    lifts: { 'fiberglass-laminate': ['flex'], 'polyester-finish-putty': ['flex', 'depth', 'part'], 'two-part-coating': ['flex'] },
  },
  {
    id: 'fiberglass-laminate + polyester-finish-putty + two-part-coating',
    title: 'Laminated, puttied, coated',
    members: ['fiberglass-laminate', 'polyester-finish-putty', 'two-part-coating'],
    work: 'rebuilds a shell and recolors it, so that no mat shows through',
    suits: ['tub-crack', 'tub-hole'],
    lifts: { 'polyester-finish-putty': ['depth', 'part'] },
  },
  {
    id: 'fiberglass-laminate + two-part-coating',
    title: 'Laminated, then coated',
    members: ['fiberglass-laminate', 'two-part-coating'],
    work: 'rebuilds a shell and recolors it',
    suits: ['tub-crack', 'tub-hole'],
  },
  {
    id: 'polyester-fiber-putty + polyester-finish-putty + two-part-coating',
    title: 'Fiber putty, finish putty, coating',
    members: ['polyester-fiber-putty', 'polyester-finish-putty', 'two-part-coating'],
    work: 'rebuilds a place in a tub wall and recolors it',
    suits: ['tub-crack', 'tub-hole'],
  },
  {
    id: 'plaster-reattach + setting-compound-45 + skim-coat',
    title: 'Plaster fastened, cracks filled, skimmed',
    members: ['plaster-reattach', 'setting-compound-45', 'skim-coat'],
    work: 'saves sound plaster that has let go',
    suits: ['plaster-loose'],
    lifts: { 'setting-compound-45': ['depth', 'extent', 'look'], 'skim-coat': ['depth', 'extent'] },
  },
  {
    id: 'fastener-reset + skim-coat',
    title: 'Fasteners reset, whole face skimmed',
    members: ['fastener-reset', 'skim-coat'],
    work: 'sets popped fasteners and evens the face',
    suits: ['fastener-pop'],
    lifts: { 'fastener-reset': ['look', 'finish'] },
  },
];
