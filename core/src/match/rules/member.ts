import { aspectRule } from '../judging.ts';

export const memberRule = aspectRule('member', 'Member');
