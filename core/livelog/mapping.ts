import { cellsOf } from './layout';
import { headerOf, type Header } from './headers';
import type { Role } from './log';

/** What the owner says of a table whose headers are not understood, or not rightly. */
export interface Mapping {
  /** By header as printed; `none` is left out. */
  readonly roles: Readonly<Record<string, Role | 'none'>>;
  /** Of all speeds, where the header prints none. */
  readonly unit: 'km/h' | 'mph' | 'm/s' | null;
}

/** A table as it stands, for somebody to say what its columns are. */
export interface Preview {
  readonly headers: readonly string[];
  readonly rows: readonly (readonly string[])[];
  readonly guessed: readonly (Role | null)[];
}

/**
 * A header by what the owner said, else by what it prints.
 * @example headerBy('Wheel speed FL (km/h)', null) // => {"role":"front-left","unit":"km/h"}
 */
export function headerBy(header: string, mapping: Mapping | null): Header {
  const own = headerOf(header);
  const said = mapping?.roles[header];
  const role = said === undefined ? own.role : said === 'none' ? null : said;
  return { role, unit: role === 'time' ? own.unit : (own.unit ?? mapping?.unit ?? null) };
}

const DELIMITERS = [',', ';', '\t', '|'];
const SHOWN_ROWS = 4;
const isFigure = (cell: string): boolean => /^[+-]?[\d.,:]+$/.test(cell);

/** Rows of figures under a line with as many cells. */
function figuresBelow(lines: readonly string[], at: number, delimiter: string): number {
  const width = cellsOf(lines[at] ?? '', delimiter).length;
  let rows = 0;
  for (const line of lines.slice(at + 1, at + 1 + 2 * SHOWN_ROWS)) {
    const cells = cellsOf(line, delimiter);
    if (cells.length !== width || cells.filter(isFigure).length < 2) break;
    rows += 1;
  }
  return rows;
}

/**
 * A table that names no wheel, shown as it stands.
 * @param lines the first of the file. @returns null where nothing in them looks like a table of figures.
 * @example previewOf(['a;b;c', '0;1;2', '1;2;3'])?.headers // => ["a","b","c"]
 */
export function previewOf(lines: readonly string[]): Preview | null {
  const HEADER_LINES = 50;
  let best: { rows: number; at: number; delimiter: string } | null = null;
  for (let at = 0; at < Math.min(HEADER_LINES, lines.length); at += 1)
    for (const delimiter of DELIMITERS) {
      const cells = cellsOf(lines[at] ?? '', delimiter);
      if (cells.length < 2 || cells.every(isFigure)) continue;
      const rows = figuresBelow(lines, at, delimiter);
      if (rows > (best?.rows ?? 0)) best = { rows, at, delimiter };
    }
  if (!best) return null;
  const { at, delimiter } = best;
  const headers = cellsOf(lines[at] ?? '', delimiter);
  return {
    headers,
    rows: lines.slice(at + 1, at + 1 + Math.min(SHOWN_ROWS, best.rows)).map((line) => cellsOf(line, delimiter)),
    guessed: headers.map((header) => headerOf(header).role),
  };
}
