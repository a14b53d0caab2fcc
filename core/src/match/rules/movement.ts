import { aspectRule } from '../judging.ts';

export const movementRule = aspectRule('movement', 'Movement');
