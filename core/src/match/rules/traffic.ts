import { aspectRule } from '../judging.ts';

export const trafficRule = aspectRule('traffic', 'Traffic');
