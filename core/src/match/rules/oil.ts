import { aspectRule } from '../judging.ts';

export const oilRule = aspectRule('oil', 'Oil and salt');
