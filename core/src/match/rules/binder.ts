import { aspectRule } from '../judging.ts';

export const binderRule = aspectRule('binder', 'Binder');
