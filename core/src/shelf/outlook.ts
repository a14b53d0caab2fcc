import type { SourceId } from '../sources/register.ts';

/** What a system leaves behind, how long it is expected to hold, and on what that rests: for the client. */
export interface Outlook {
  readonly leaves: string;
  readonly holds: string;
  readonly rests: string;
  readonly source: SourceId;
}

const outlook = (leaves: string, holds: string, rests: string, source: SourceId = 'judgement'): Outlook => ({ leaves, holds, rests, source });

const compound = outlook(
  'the joint below stays as it is; a spot that is painted alone may show',
  'as long as the frame behind does not move',
  'on a tight board and dry coats',
);
const plaster = outlook(
  'old plaster around stays, and may let go later beside it',
  'as long as what is around it',
  'on a base that holds, and coats that were kept damp or aired as long as they ask for',
);
const mortar = outlook(
  'a patch of another gray; new rust or frost may begin just beside it',
  'ten to twenty years',
  'on sound ground, a square edge, and water kept away',
);

const outlooks: Readonly<Record<string, Outlook>> = {
  'rapid-crack-resin': outlook('a line that stays visible; it takes no stain', 'ten years and more under wheels', 'on a crack that is still and dry'),
  'gravity-resin': outlook('a darker line; the face keeps a grip of sand', 'ten years and more', 'on a crack that is still, and resin that ran to its bottom'),
  'epoxy-injection-resin': outlook(
    'a thin line on the face; the wall is one piece again',
    'as long as the wall, if nothing new loads it',
    'on resin that came out at every port',
  ),
  'injection-foam': outlook(
    'a line on the face; the wall is not made stronger',
    'five to ten years; it leaks again if the crack opens by more than a tenth',
    'on a crack that stays as wide as it is',
  ),
  'drilled-packer-injection': outlook(
    'filled holes beside the line; the wall is not made stronger',
    'five to ten years',
    'on a crack that stays as wide as it is',
  ),
  'drilled-packer-epoxy': outlook(
    'filled holes beside a thin line; the wall is one piece again',
    'as long as the wall, if nothing new loads it',
    'on resin that came out at every packer',
  ),
  'water-plug': outlook('a plug that is rigid and visible', 'a few years; it is a stop, not a cure', 'on water that finds no other way'),
  'flexible-sealant': outlook('a soft bead that is seen and touched', 'five to ten years, then it is renewed', 'on movement within what the sealant bears'),
  'joint-filler': outlook(
    'a filled joint that still opens and closes',
    'five to ten years under wheels; topped up where it parts',
    'on edges that are sound and a slab that has done most of its shrinking',
  ),
  'polymer-mortar-2k': mortar,
  'hand-packed-mortar': mortar,
  'rapid-repair-mortar': mortar,
  'epoxy-mortar': outlook('a hard darker patch', 'ten to twenty years inside', 'on dry ground; sun and strong changes of temperature shorten it'),
  'form-and-pour': outlook(
    'a patch of another gray, as thick as what was there',
    'twenty years and more',
    'on bars that were cleared and cleaned, and water kept away',
  ),
  'cement-fairing-coat': outlook('an even face; what is below is not made stronger', 'five to ten years without wheels', 'on ground that is sound'),
  'cement-plaster': plaster,
  'gypsum-plaster': plaster,
  'lime-plaster': plaster,
  'lath-and-plaster': outlook('nothing of the old in the place', 'thirty years and more', 'on framing that is dry and still'),
  'plaster-reattach': outlook(
    'the old plaster stays, with filled holes that do not show',
    'ten to thirty years',
    'on plaster that is sound in itself, and shaking that has been stopped',
  ),
  'setting-compound-5': compound,
  'setting-compound-20': compound,
  'setting-compound-45': compound,
  'setting-compound-90': compound,
  'drying-compound': compound,
  'vinyl-spackle': outlook('a filled spot; in glancing light it may show', 'as long as nothing strikes it again', 'on a shallow place'),
  're-tape': outlook('a wide flat place that only glancing light finds', 'as long as the frame does not move', 'on the cause having been put right'),
  'smooth-and-paint': outlook('the face as it was, even and painted', 'as long as the board, where what made it is gone', 'on compound and paint that hold'),
  'skim-coat': outlook('one even face; what is below stays', 'as long as the board', 'on a face that holds the coat'),
  'fastener-reset': outlook('a few coated spots', 'as long as the frame stays dry', 'on screws in sound wood'),
  'floating-corner': outlook('a corner that gives with the seasons and does not show it', 'as long as the board', 'on the corner having been freed'),
  'mesh-patch': outlook('a hollow place under a thin skin', 'as long as nothing strikes it', 'on a wall that is not knocked'),
  'board-plug': outlook(
    'a hollow place closed by board; a faint rise in glancing light',
    'as long as the board, if nothing strikes it',
    'on compound all round its edge',
  ),
  'board-patch': outlook('new board; a faint rise at its edges in glancing light', 'as long as the wall', 'on framing or backers that carry its edges'),
  'backer-and-waterproofing': outlook('a wall ready for tile', 'twenty years and more', 'on a membrane that passed its water test'),
  'acrylic-caulk': outlook('a soft line at the junction', 'three to five years, then it is renewed', 'on movement that stays small'),
  'epoxy-consolidant': outlook('wood that is hard and no longer bare', 'as long as water stays out', 'on water being kept away'),
  'epoxy-timber-paste': outlook(
    'filler that is seen only without paint',
    'ten to fifteen years under paint',
    'on wood that stays dry, and paint that is kept up',
  ),
  'epoxy-timber-putty': outlook(
    'filler that is seen only without paint',
    'ten to fifteen years under paint',
    'on wood that stays dry, and paint that is kept up',
  ),
  'epoxy-pour-tinted': outlook('a visible inlay of resin', 'ten years and more inside', 'on wood that no longer moves'),
  'wood-insert': outlook('a fine glue line in matching wood', 'as long as the piece', 'on a tight joint and wood near the moisture it serves at'),
  'wood-splice': outlook('a long glue line; the rest of the piece stays', 'as long as the piece', 'on sound wood beyond the scarf'),
  'cap-and-drain': outlook('a cap that is seen; the check stays open below', 'ten to twenty years', 'on water being led off and the underside left open'),
  'support-fill': outlook('a shell that no longer gives', 'as long as the tub', 'on the gap having been filled without lifting it'),
  'fiberglass-laminate': outlook(
    'a place stronger than before, that is coated to be seen no more',
    'ten years and more',
    'on a shell that is borne from below',
  ),
  'polyester-fiber-putty': outlook('a built-up place that is coated', 'five to ten years on a wall', 'on a shell that does not give'),
  'polyester-finish-putty': outlook('a smooth place that is coated', 'five to ten years', 'on what is below it'),
  'gelcoat-paste': outlook('a spot that is found only in glancing light', 'five to ten years', 'on a nick with a key, and color matched when cured'),
  'acrylic-polish-out': outlook('the same shell, a trace thinner', 'until it is scratched again', 'on scratches that are shallow'),
  'two-part-coating': outlook('a new face over the whole place', 'five to eight years of gentle use', 'on clean ground, and full cure before water'),
  'enamel-touch-up': outlook('a spot that is seen from near', 'two to five years', 'on all rust having been ground off'),
};

/** The outlook of a system, or of the one that a product was copied from. */
export function outlookOf({ id, basedOn = id }: { readonly id: string; readonly basedOn?: string }): Outlook | undefined {
  return Object.hasOwn(outlooks, basedOn) ? outlooks[basedOn] : undefined;
}

/** Years by the first word of a number in them; as long as what it is in counts as a generation. */
const yearWords: readonly (readonly [word: RegExp, years: number])[] = [
  [/^(as long as|until)\b/, 30],
  [/^a few\b/, 2],
  [/^two\b/, 2],
  [/^three\b/, 3],
  [/^five\b/, 5],
  [/^ten\b/, 10],
  [/^twenty\b/, 20],
  [/^thirty\b/, 30],
];

/** The least that something is expected to hold, in years, by what its outlook says. @throws Error where it says no time */
export function yearsHeld({ holds }: Pick<Outlook, 'holds'>): number {
  const found = yearWords.find(([word]) => word.test(holds));
  if (!found) throw new Error(`'${holds}' names no time`);
  return found[1];
}
