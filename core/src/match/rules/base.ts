import { aspectRule } from '../judging.ts';

export const baseRule = aspectRule('base', 'Base');
