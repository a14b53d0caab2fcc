import { aspectRule } from '../judging.ts';

export const finishRule = aspectRule('finish', 'Finish to follow');
