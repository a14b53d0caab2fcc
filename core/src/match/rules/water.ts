import { aspectRule } from '../judging.ts';

export const waterRule = aspectRule('water', 'Source of water');
