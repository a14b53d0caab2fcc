import { aspectRule } from '../judging.ts';

export const positionRule = aspectRule('position', 'Position');
