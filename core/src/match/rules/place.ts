import { aspectRule } from '../judging.ts';

export const placeRule = aspectRule('place', 'Place');
