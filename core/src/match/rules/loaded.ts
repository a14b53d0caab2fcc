import { aspectRule } from '../judging.ts';

export const loadedRule = aspectRule('loaded', 'Load');
