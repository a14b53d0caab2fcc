import { aspectRule } from '../judging.ts';

export const bodyRule = aspectRule('body', 'Body of the plaster');
