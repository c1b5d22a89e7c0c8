import { describe, expect, it } from 'vitest';
import { heard } from './heard';

describe('what is heard of a short name', () => {
  it('is the full name where it has the short one in it as words of its own', () => {
    expect(heard('ABS', 'ABS lamp: steady')).toBe('ABS lamp: steady');
    expect(heard('front right', 'Front right: suspect')).toBe('Front right: suspect');
  });
  it('begins with the short one where that is a part of a word at most', () => {
    expect(heard('FR', 'Front right: suspect')).toBe('FR, Front right: suspect');
    expect(heard('V', 'volt')).toBe('V, volt');
  });
  it('takes nothing for a name that is no word at all', () => expect(heard('✓', 'done')).toBe('done'));
});
