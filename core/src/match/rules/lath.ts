import { aspectRule } from '../judging.ts';

export const lathRule = aspectRule('lath', 'Lath');
