import { aspectRule } from '../judging.ts';

export const barRule = aspectRule('bar', 'Bars');
