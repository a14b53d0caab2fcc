import { stages } from './stages.ts';

/** The keys of the main actions, each with what it does. */
export const keyRows: readonly (readonly [string, string])[] = [
  [stages.map((stage) => stage.key).join(' '), stages.map((stage) => stage.name).join(', ')],
  ['N and P', 'next and previous repair'],
  ['A', 'add what is found in this area'],
  ['L, or Ctrl+Enter in a field', 'the next one as this, all but its sizes (Walk)'],
  ['Q', 'several defects at once, a line each'],
  ['F1', 'why the question in hand is asked, and how it is found out'],
  ['/', 'find: a job in Jobs, all repairs as a table in a job'],
  ['Escape', 'leave a field'],
  ['C', 'choose the system in view (Match)'],
  ['T', 'whole table of systems by rules (Match)'],
  ['O', 'sheet for print'],
  ['V', 'options for the client'],
  ['U', 'metric or US customary'],
  ['D', 'light or dark'],
  ['Z', 'undo what was done last'],
  ['Enter', 'on a figure: open its working'],
  ['?', 'the list of keys'],
];

/** How choices are made without the mouse. */
export const choiceKeys: readonly (readonly [string, string])[] = [
  ['Tab', 'to the next question'],
  ['Arrows', 'from answer to answer of one question'],
  ['1 to 9', 'the answer of that number'],
  ['Space', 'the answer in hand'],
];

/** What may be typed where a measure is asked. */
export const typedMeasures: readonly (readonly [string, string])[] = [
  ['4.2 m   420 cm   13 ft 9 in   13-9', 'a length, in any unit; 13-9 where lengths are in feet'],
  ['3/16   1½ in   5 mm', 'a depth or a width'],
  ['2m 30   1:30   90 min', 'a time'],
  ['62 F   17 C', 'a temperature'],
];

/** Defects as they are typed a line each. */
export const quickLines: readonly string[] = ['crack slab 4.2m 2 5 3mm d80 still dry', 'hole drywall 90x70', 'dent timber 30x20 d20'];
