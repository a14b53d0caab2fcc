// what runs in threads of its own: each name is a task that `threads.ts` gives out
export { keepDays } from './documents/daysWork.ts';
export { makeOffer } from './documents/offerWork.ts';
export { makePdf } from './documents/makePdf.ts';
export { readFile } from './services/fileWork.ts';
