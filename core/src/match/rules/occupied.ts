import { aspectRule } from '../judging.ts';

export const occupiedRule = aspectRule('occupied', 'People about');
