import { firmShelf, makeOffer as made, type OfferInput, type OfferMade } from '@oddment/core';

/** An offer to be made. Plain data: it crosses into a thread. */
export type OfferTask = Omit<OfferInput, 'shelf' | 'progress' | 'memory'>;

/** Makes an offer, in a thread of its own: every repair of a job is planned for it. */
export const makeOffer = (task: OfferTask): OfferMade => made({ ...task, shelf: firmShelf(task.products) });
