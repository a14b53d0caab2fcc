import { hash, verify } from '@node-rs/argon2';
import { availableParallelism } from 'node:os';
import { HttpProblem } from '../problem.ts';
import { AtMost } from './atMost.ts';

/** argon2id with the memory and rounds of the OWASP password storage guidance (19 MiB, 2 rounds). */
const argon = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

// each takes a core for its time: more at once would only keep everything else waiting
const hashing = new AtMost(availableParallelism());

export const hashed = (password: string): Promise<string> => hashing.run(() => hash(password, argon));

const decoy = hash('no such account', argon);

/** Whether a password belongs to a hash; without one it takes as long, and does not. */
export async function isPassword(kept: string | null | undefined, password: string): Promise<boolean> {
  const against = kept ?? (await decoy);
  return (await hashing.run(() => verify(against, password))) && kept != null;
}

let commonOnes: Promise<ReadonlySet<string>> | undefined;
// read when the first password is set: a server that starts does not wait for it
const common = () =>
  (commonOnes ??= import('@zxcvbn-ts/language-common').then(({ dictionary }) => new Set(dictionary['passwords-common'] as readonly string[])));

/** rows of keys and letters that are run along with a finger */
const rows = ['abcdefghijklmnopqrstuvwxyz', '01234567890', 'qwertyuiop', 'asdfghjkl', 'zxcvbnm', 'qwertzuiop', 'yxcvbnm', '1qaz2wsx3edc4rfv5tgb6yhn'];
const along = rows.flatMap((row) => [row, [...row].reverse().join('')]);

/** How many signs of it are more than a run along a row or a repetition: `abcabcabc` has three, `12345678` none. */
function ownSigns(text: string): number {
  const unit = /^(.{1,6}?)\1+/.exec(text);
  if (unit && unit[0].length >= 4) return ownSigns(unit[1] ?? '') + ownSigns(text.slice(unit[0].length));
  for (let length = text.length; length >= 4; length--) if (along.some((row) => row.includes(text.slice(0, length)))) return ownSigns(text.slice(length));
  return text === '' ? 0 : 1 + ownSigns(text.slice(1));
}

/** what of a password has to be its own */
const leastOwn = 6;

/**
 * Why a password is one of those that are guessed first, in words; nothing where it is not.
 * @param about names that anybody knows of the account: they do not count as part of it
 */
export async function commonWhy(password: string, about: readonly string[]): Promise<string | undefined> {
  const known = await common();
  const plain = password.toLowerCase();
  const bare = plain.replaceAll(/^[\W\d_]+|[\W\d_]+$/g, '');
  if (known.has(plain) || (bare.length >= 5 && known.has(bare) && plain.length - bare.length <= 6))
    return 'This password is on the lists that are tried first, with or without numbers around it. Take several words that do not belong together.';
  const rest = [...about, 'oddment']
    .flatMap((name) => [name.toLowerCase(), ...name.toLowerCase().split(/\s+/)])
    .filter((name) => name.length >= 4)
    .reduce((left, name) => left.replaceAll(name, ''), plain);
  if (ownSigns(rest) < leastOwn)
    return rest === plain
      ? 'This password only repeats something or runs along the keys. Take several words that do not belong together.'
      : 'Little is left of this password without names that anybody knows. Take several words that do not belong together.';
  return undefined;
}

/** @throws HttpProblem 422 where a password is guessed first */
export async function refuseCommon(password: string, about: readonly string[]): Promise<void> {
  const why = await commonWhy(password, about);
  if (why !== undefined) throw new HttpProblem(422, why, { problems: [{ path: 'password', message: why }] });
}
