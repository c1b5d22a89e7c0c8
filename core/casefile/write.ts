import type { CaseFile } from './contract';

/**
 * The text of a case file, as exported.
 * @param file a case file; unknown keys are written too.
 * @returns indented JSON with a final line feed; lone surrogates are escaped, so it is always valid UTF-8.
 * @example writeCaseFile(CASE).length > 500 // => true
 */
export function writeCaseFile(file: CaseFile): string {
  return JSON.stringify(file, null, 2) + '\n';
}

/**
 * A file name for an export: the vehicle's name without anything a file system might refuse.
 * @param name what the owner calls the vehicle; may be empty.
 * @param day the day as `YYYY-MM-DD`, given by the caller.
 * @returns a name ending in `.zelf.json`.
 * @example caseFileName('Tansy: rear/right', '2026-05-04') // => "tansy-rear-right-2026-05-04.zelf.json"
 */
export function caseFileName(name: string, day: string): string {
  const plain = name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '');
  return `${plain || 'job'}-${day}.zelf.json`;
}
