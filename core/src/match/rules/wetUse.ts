import { aspectRule } from '../judging.ts';

export const wetUseRule = aspectRule('wetUse', 'Wet by use');
