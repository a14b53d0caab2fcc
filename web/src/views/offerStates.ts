import type { OfferState } from '@oddment/contracts';

const words: Readonly<Record<OfferState, string>> = { open: 'waits for the client', accepted: 'accepted', declined: 'declined' };

/** What the client said to an offer, in words. */
export const offerStateWords = (state: OfferState): string => words[state];
