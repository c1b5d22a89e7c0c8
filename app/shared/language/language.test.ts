import { afterEach, describe, expect, test, vi } from 'vitest';
import { addressIn, chooseLanguage, chosenLanguage, elsewhere, preferredOf } from './language';

const HOME = 'http://127.0.0.1:4173/';

describe('the same page in another language', () => {
  test('lies in the folder of that language, with what stands behind the hash', () => {
    expect(addressIn(`${HOME}#/job/a/find?check=x`, 'de', 'en')).toBe(`${HOME}de/#/job/a/find?check=x`);
    expect(addressIn(`${HOME}de/#/job/a/find?check=x`, 'en', 'de')).toBe(`${HOME}#/job/a/find?check=x`);
    expect(addressIn(`${HOME}index.html`, 'de', 'en')).toBe(`${HOME}de/`);
    expect(addressIn(`${HOME}de/index.html?x=1`, 'en', 'de')).toBe(HOME);
  });
  test('below any folder that a host puts it in', () => {
    expect(addressIn('https://host.test/tools/zelf/#/', 'de', 'en')).toBe('https://host.test/tools/zelf/de/#/');
    expect(addressIn('https://host.test/tools/zelf/de/#/', 'en', 'de')).toBe('https://host.test/tools/zelf/#/');
  });
});

describe('the choice', () => {
  afterEach(() => {
    localStorage.clear();
    vi.restoreAllMocks();
  });
  test('is kept, and a page in another language leads there', () => {
    const went = vi.spyOn(location, 'assign').mockImplementation(() => undefined);
    expect([chosenLanguage(), elsewhere()]).toEqual([null, null]);
    chooseLanguage('de');
    expect(went).toHaveBeenCalledWith(expect.stringMatching(/\/de\//));
    expect(chosenLanguage()).toBe('de');
    expect(elsewhere()).toMatch(/\/de\//);
    chooseLanguage('en');
    expect(went).toHaveBeenCalledTimes(1);
    expect(elsewhere()).toBeNull();
  });
  test('the first visit takes the first of the browser’s languages that there is, the first of all where there is none', () => {
    expect([['de-AT', 'en'], ['fr', 'de'], ['en-US', 'de'], ['fr', 'nl'], []].map(preferredOf)).toEqual([
      'de',
      'de',
      'en',
      'en',
      'en',
    ]);
    expect(elsewhere(['de-CH'])).toMatch(/\/de\//);
    expect(elsewhere(['en-GB', 'de'])).toBeNull();
  });
  test('a choice outranks the browser', () => {
    chooseLanguage('en');
    expect(elsewhere(['de'])).toBeNull();
  });
  test('nonsense that is kept is no choice; a browser that keeps nothing is no trouble', () => {
    localStorage.setItem('zelf-language', 'no-language');
    expect(elsewhere()).toBeNull();
    vi.spyOn(Storage.prototype, 'getItem').mockImplementation(() => {
      throw new Error('no storage');
    });
    expect(chosenLanguage()).toBeNull();
  });
});
