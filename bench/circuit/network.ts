/** A resistor between two named nodes. */
export interface Resistor {
  readonly from: string;
  readonly to: string;
  readonly ohm: number;
}

/** A voltage source with its internal resistance: `to` is at `volt` above `from` when nothing is drawn. */
export interface Source {
  readonly from: string;
  readonly to: string;
  readonly volt: number;
  readonly ohm: number;
}

export interface Network {
  readonly resistors: readonly Resistor[];
  readonly sources: readonly Source[];
}

/** The node that all voltages are told against. */
export const GROUND = 'ground';
/** Every node leaks to ground through this much, so that a floating one has a voltage; far above any insulation. */
const FLOATING_OHM = 1e13;
/** Wires are never better than this, nor breaks worse: keeps the equations solvable. */
const LEAST_OHM = 1e-3;
const MOST_OHM = 1e12;

function conductance(ohm: number): number {
  return 1 / Math.min(MOST_OHM, Math.max(LEAST_OHM, ohm));
}

/** Gauss with partial pivoting; the matrix is positive definite by its make. */
function solveLinear(matrix: number[][], right: number[]): number[] {
  const size = right.length;
  for (let column = 0; column < size; column += 1) {
    let pivot = column;
    for (let row = column + 1; row < size; row += 1)
      if (Math.abs(matrix[row]?.[column] ?? 0) > Math.abs(matrix[pivot]?.[column] ?? 0)) pivot = row;
    [matrix[column], matrix[pivot]] = [matrix[pivot] as number[], matrix[column] as number[]];
    [right[column], right[pivot]] = [right[pivot] as number, right[column] as number];
    const top = matrix[column] as number[];
    for (let row = column + 1; row < size; row += 1) {
      const factor = (matrix[row]?.[column] ?? 0) / (top[column] ?? 1);
      if (factor === 0) continue;
      for (let k = column; k < size; k += 1)
        (matrix[row] as number[])[k] = (matrix[row]?.[k] ?? 0) - factor * (top[k] ?? 0);
      right[row] = (right[row] ?? 0) - factor * (right[column] ?? 0);
    }
  }
  const found = new Array<number>(size).fill(0);
  for (let row = size - 1; row >= 0; row -= 1) {
    let sum = right[row] ?? 0;
    for (let k = row + 1; k < size; k += 1) sum -= (matrix[row]?.[k] ?? 0) * (found[k] ?? 0);
    found[row] = sum / (matrix[row]?.[row] ?? 1);
  }
  return found;
}

/**
 * Node voltages of a resistive network by nodal analysis (Kirchhoff's current law at every node).
 * @param network resistors in ohm (clamped to 1 mΩ … 1 TΩ), sources in volt with their internal ohm.
 * @returns volt of each node against ground; floating nodes are tied to it through 10 TΩ.
 * @example solve({ resistors: [{ from: 'a', to: GROUND, ohm: 10 }], sources: [{ from: GROUND, to: 'a', volt: 2, ohm: 10 }] }).get('a') // ≈ 1
 */
export function solve({ resistors, sources }: Network): ReadonlyMap<string, number> {
  const names = [...new Set([...resistors, ...sources].flatMap((resistor) => [resistor.from, resistor.to]))].filter(
    (word) => word !== GROUND,
  );
  const index = new Map(names.map((name, at) => [name, at]));
  const matrix = names.map(() => new Array<number>(names.length).fill(0));
  const right = new Array<number>(names.length).fill(0);
  const add = (row: number | undefined, column: number | undefined, value: number): void => {
    if (row !== undefined && column !== undefined)
      (matrix[row] as number[])[column] = (matrix[row]?.[column] ?? 0) + value;
  };
  const join = (from: string, to: string, ohm: number): void => {
    const [a, b, g] = [index.get(from), index.get(to), conductance(ohm)];
    add(a, a, g);
    add(b, b, g);
    add(a, b, -g);
    add(b, a, -g);
  };
  names.forEach((_one, at) => add(at, at, 1 / FLOATING_OHM));
  for (const resistor of resistors) join(resistor.from, resistor.to, resistor.ohm);
  for (const source of sources) {
    join(source.from, source.to, source.ohm);
    const ampere = source.volt * conductance(source.ohm);
    const [a, b] = [index.get(source.from), index.get(source.to)];
    if (a !== undefined) right[a] = (right[a] ?? 0) - ampere;
    if (b !== undefined) right[b] = (right[b] ?? 0) + ampere;
  }
  const volts = solveLinear(matrix, right);
  return new Map([[GROUND, 0], ...names.map((name, at) => [name, volts[at] ?? 0] as const)]);
}

/**
 * Volt between two nodes, `to` against `from`; a node that isn't there floats at ground.
 * @example voltBetween({ resistors: [{ from: 'a', to: 'ground', ohm: 30 }], sources: [{ from: 'ground', to: 'a', volt: 12, ohm: 10 }] }, 'ground', 'a') // ≈ 9
 */
export function voltBetween(network: Network, from: string, to: string): number {
  const volts = solve(network);
  return (volts.get(to) ?? 0) - (volts.get(from) ?? 0);
}

/**
 * What an ohmmeter sees between two nodes: it drives 1 V through its range resistor and reads what is left over.
 * A network with sources of its own upsets it, as it does a real one.
 * @param network the network. @param from one probe. @param to the other. @returns ohm; more than 1 TΩ or an impossible reading is Infinity.
 * @example ohmBetween({ resistors: [{ from: 'a', to: 'b', ohm: 300 }, { from: 'a', to: 'b', ohm: 600 }], sources: [] }, 'a', 'b') // ≈ 200
 */
export function ohmBetween(network: Network, from: string, to: string): number {
  const range = 10_000;
  const across = voltBetween(
    { ...network, sources: [...network.sources, { from, to, volt: 1, ohm: range }] },
    from,
    to,
  );
  const ohm = (range * across) / (1 - across);
  return ohm >= 0 && ohm < MOST_OHM / 10 ? ohm : Infinity;
}
