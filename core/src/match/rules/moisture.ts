import { aspectRule } from '../judging.ts';

export const moistureRule = aspectRule('moisture', 'Moisture');
