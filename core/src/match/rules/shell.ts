import { aspectRule } from '../judging.ts';

export const shellRule = aspectRule('shell', 'Shell');
