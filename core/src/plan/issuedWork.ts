import type { Link, Mark, Network, Standing } from '../method/step.ts';
import type { Material, Mix } from '../method/work.ts';
import type { Figure } from '../quantity/figure.ts';
import type { IssuedPlan } from './issued.ts';
import { readSheet } from './keptSheet.ts';

/** The work of an issued plan as it can be planned on with what issued it. */
export interface IssuedWork {
  readonly network: Network;
  readonly mixes: readonly Mix[];
  readonly materials: readonly Material[];
  readonly marks: readonly Mark[];
  readonly standing: readonly Standing[];
}

/** How windows were kept before they had a law of their own: minutes, and at the reference temperature where heat shortened them. */
type WindowBefore = Omit<NonNullable<Link['most']>, 'lag'> & { readonly minutes: Figure; readonly at23?: Figure };

/** A kept link as links are today. */
function linkToday(link: Link | (Omit<Link, 'most'> & { readonly most: WindowBefore })): Link {
  if (!link.most || 'lag' in link.most) return link as Link;
  const { minutes, at23, ...most } = link.most;
  return { ...link, most: { ...most, lag: at23 ? { by: 'window', at23, minutes } : { by: 'fixed', minutes } } };
}

/**
 * Steps and links, mixes and materials of an issued plan, with their figures. Nothing where an earlier version kept no
 * links: that is run by its rows, one after the other, at the times it was issued with.
 */
export function issuedWork({ kept }: IssuedPlan): IssuedWork | undefined {
  const { work } = readSheet(kept).sheet;
  if (!work?.links) return undefined;
  const { links, mixes = [], materials = [], marks = [], standing = [] } = work;
  return { network: { steps: work.schedule.rows.map((r) => r.step), links: links.map(linkToday) }, mixes, materials, marks, standing };
}
