import { headerOf, type Header } from './headers';

/** How a file is laid out: found from its first lines. */
export interface Layout {
  readonly delimiter: number;
  readonly decimal: number;
  /** Line of the header, from 0. */
  readonly headerLine: number;
  readonly headers: readonly (Header & { readonly text: string })[];
  readonly isLong: boolean;
}

const DELIMITERS = [',', ';', '\t', '|'];
const HEADER_LINES = 50;
/** So many rows tell how figures are written. */
const SAMPLED_LINES = 100;

/**
 * Cells of one line, quotes taken off (RFC 4180).
 * @example cellsOf('0.1;"front; left"', ';') // => ["0.1","front; left"]
 */
export function cellsOf(line: string, delimiter: string): string[] {
  const cells: string[] = [];
  let [cell, isQuoted] = ['', false];
  for (let at = 0; at < line.length; at += 1) {
    const letter = line.charAt(at);
    if (isQuoted && letter === '"' && line.charAt(at + 1) === '"') {
      cell += '"';
      at += 1;
    } else if (letter === '"' && (isQuoted || cell.trim() === '')) isQuoted = !isQuoted;
    else if (letter === delimiter && !isQuoted) {
      cells.push(cell.trim());
      cell = '';
    } else cell += letter;
  }
  return [...cells, cell.trim()];
}

const worth = (headers: readonly Header[]): number => {
  const roles = new Set(headers.flatMap(({ role }) => (role ? [role] : [])));
  const corners = [...roles].filter((role) => role.includes('-') && role !== 'vehicle-speed').length;
  const isLong = roles.has('name') && roles.has('value');
  return corners === 0 && !isLong ? 0 : corners + (roles.has('time') ? 2 : 0) + (isLong ? 4 : 0);
};

/** Whether numbers are written with a comma: some cells are, and none with a point. */
function hasDecimalComma(lines: readonly string[], delimiter: string): boolean {
  const cells = lines.flatMap((line) => cellsOf(line, delimiter));
  const commas = cells.filter((cell) => /^[+-]?\d+,\d+$/.test(cell)).length;
  return commas > cells.filter((cell) => /^[+-]?\d+\.\d+$/.test(cell)).length;
}

/**
 * Finds header, delimiter and decimal mark in the first lines of a file.
 * @param lines the first ones, without their ends. @param headerBy understands a header; by what it prints, where nobody has said otherwise. @returns null where no line names a wheel.
 * @example layoutOf(['made by a reader', 'Time (s);FL (km/h);FR (km/h)', '0,1;12,5;12,6'])?.headerLine // => 1
 */
export function layoutOf(lines: readonly string[], headerBy: (header: string) => Header = headerOf): Layout | null {
  let best: { worth: number; delimiter: string; headerLine: number; cells: string[] } | null = null;
  lines.slice(0, HEADER_LINES).forEach((line, headerLine) => {
    for (const delimiter of DELIMITERS) {
      const cells = cellsOf(line, delimiter);
      if (cells.length < 2) continue;
      const value = worth(cells.map(headerBy));
      if (value > (best?.worth ?? 0)) best = { worth: value, delimiter, headerLine, cells };
    }
  });
  const found = best as { delimiter: string; headerLine: number; cells: string[] } | null;
  if (!found) return null;
  const { delimiter, headerLine, cells } = found;
  const headers = cells.map((text) => ({ text, ...headerBy(text) }));
  const roles = headers.map(({ role }) => role);
  const isLong = roles.includes('name') && roles.includes('value');
  const isComma = hasDecimalComma(lines.slice(headerLine + 1, headerLine + 1 + SAMPLED_LINES), delimiter);
  return { delimiter: delimiter.charCodeAt(0), decimal: isComma ? 44 : 46, headerLine, headers, isLong };
}
