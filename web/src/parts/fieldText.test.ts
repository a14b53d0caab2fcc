import { describe, expect, it } from 'vitest';
import { fieldText } from './fieldText.ts';

describe('fieldText', () => {
  it('shows back what was typed, unchanged, while it means the value', () => {
    expect(fieldText(4200, '4.2 m', 'length', 'metric')).toBe('4.2 m');
    expect(fieldText(4200, '4.2 m', 'length', 'us')).toBe('4.2 m');
    expect(fieldText(393.7, `1' 3-1/2"`, 'length', 'metric')).toBe(`1' 3-1/2"`);
    expect(fieldText(4.7625, '3/16', 'depth', 'us')).toBe('3/16');
  });

  it('does not show a bare number in units in which it would mean something else', () => {
    expect(fieldText(5, '5', 'crackWidth', 'metric')).toBe('5');
    expect(fieldText(5, '5', 'crackWidth', 'us')).toBe('3/16');
    expect(fieldText(4.7625, '3/16', 'depth', 'metric')).toBe('4.8');
  });

  it('writes a value without text in the unit of the field', () => {
    expect(fieldText(0, undefined, 'length', 'metric')).toBe('0');
    expect(fieldText(650, undefined, 'length', 'metric')).toBe('0.65');
    expect(fieldText(15, undefined, 'temperature', 'us')).toBe('59');
    expect(fieldText(304.8, undefined, 'length', 'us')).toBe("1'");
  });

  it('is empty where nothing is known', () => {
    expect(fieldText(undefined, undefined, 'depth', 'metric')).toBe('');
  });
});
