import { aspectRule } from '../judging.ts';

export const softenedRule = aspectRule('softened', 'Softened');
