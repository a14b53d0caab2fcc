import { aspectRule } from '../judging.ts';

export const endRule = aspectRule('end', 'End of the piece');
