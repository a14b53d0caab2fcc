import { aspectRule } from '../judging.ts';

export const lookRule = aspectRule('look', 'Light');
