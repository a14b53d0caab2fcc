import { BadInput } from './badInput.ts';

/** What is asked for beside `--json`. @throws BadInput where another option is given */
export function wordsOf(args: readonly string[]): readonly string[] {
  const words = args.filter((a) => a !== '--json');
  const flag = words.find((a) => a.startsWith('--'));
  if (flag !== undefined) throw new BadInput([`'${flag}' is not known here. There is --json.`]);
  return words;
}
