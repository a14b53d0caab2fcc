import type { QuantityKind, UnitSystem } from './kind.ts';

const fractions: Readonly<Record<string, string>> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/** A text with its fractions and its marks of feet and inches as a plain keyboard writes them: `1½″` as `1 1/2"`. */
export function plainMarks(text: string): string {
  return text
    .replaceAll(/(\d?)\s*([¼½¾⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞])/g, (_all, whole: string, sign: string) => `${whole}${whole === '' ? '' : ' '}${fractions[sign] ?? ''}`)
    .replaceAll('⁄', '/')
    .replaceAll(/[′’‘]/g, "'")
    .replaceAll(/[″”“]/g, '"')
    .replaceAll("''", '"')
    .replaceAll('−', '-');
}

/** A number behind one with a unit that people leave the smaller unit away of: what it is then, by the unit before it. */
const smaller: Readonly<Record<string, readonly (readonly [digits: RegExp, unit: string])[]>> = {
  "'": [[/^\d{1,2}(?:[.,]\d+)?$/, 'in']],
  ft: [[/^\d{1,2}(?:[.,]\d+)?$/, 'in']],
  m: [
    [/^\d\d$/, 'cm'],
    [/^\d{3}$/, 'mm'],
  ],
  h: [[/^[0-5]?\d$/, 'min']],
};

/** Feet and inches with a dash between; `6-3/4` is six and three quarters, as on a tape. */
function dashedFeet(text: string): string | undefined {
  const [, feet = '', inches = ''] = /^(-?\d+)-(\d{1,2}(?:\.\d+)?|\d{1,2}[\s-]\d+\/\d+)$/.exec(text) ?? [];
  return feet !== '' && Number.parseFloat(inches) < 12 ? `${feet}' ${inches}"` : undefined;
}

function clockDuration(text: string): string | undefined {
  const [, hours = '', minutes = ''] = /^(\d+):([0-5]\d)$/.exec(text) ?? [];
  return hours === '' ? undefined : `${hours} h ${minutes} min`;
}

/** `1 250 mm` is one number. */
const ungrouped = (text: string) =>
  text.replaceAll(/(?<![\d.,'"a-z]\s?)(\d{1,3})((?:[ \u00a0\u202f]\d{3})+)(?!\d)/gi, (_all, first: string, rest: string) => first + rest.replaceAll(/\s/g, ''));

const twoParts = /^(-?\d+(?:[.,]\d+)?\s*('|ft|feet|m|h)\s*-?\s*)(\d+(?:[.,]\d+)?(?:[\s-]\d+\/\d+)?|\d+\/\d+)$/i;

/** The smaller unit written behind a number that has none behind one that has. */
function withSmaller(text: string): string {
  const [, start = '', unit = '', rest = ''] = twoParts.exec(text) ?? [];
  const of = unit.toLowerCase() === 'feet' ? 'ft' : unit.toLowerCase();
  const inFeet = of === "'" || of === 'ft';
  const found = inFeet && rest.includes('/') ? 'in' : smaller[of]?.find(([digits]) => digits.test(rest))?.[1];
  const tooMuch = inFeet && Number.parseFloat(rest.replace(',', '.')) >= 12;
  return found === undefined || tooMuch ? text : `${start}${rest} ${found}`;
}

/** What a person means who leaves a unit away behind another one, or writes with a dash or a colon; else the text as it is. */
export function spokenMeasure(text: string, kind: QuantityKind, units: UnitSystem): string {
  const dashed = kind === 'length' && units === 'us' ? dashedFeet(text) : undefined;
  const clock = kind === 'duration' ? clockDuration(text) : undefined;
  return dashed ?? clock ?? withSmaller(ungrouped(text));
}
