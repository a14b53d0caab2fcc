import { aspectRule } from '../judging.ts';

export const ratedRule = aspectRule('rated', 'Fire rating');
