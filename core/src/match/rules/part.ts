import { aspectRule } from '../judging.ts';

export const partRule = aspectRule('part', 'Part of the tub');
