import type { Auxiliary } from './auxiliary.ts';
import { of } from '../sourced.ts';

export const tapePaper = {
  id: 'tape-paper',
  title: 'Paper tape',
  what: 'bridges a joint of board, bedded in compound',
  figures: { width: of(52, 'depth', 'astm-c840', 'Width') },
} as const satisfies Auxiliary;
