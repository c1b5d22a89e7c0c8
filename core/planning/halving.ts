/** One probe into a wire: how far from its near end, in metres, and whether the wire is whole up to there. */
export interface Probe {
  readonly atMetre: number;
  readonly whole: boolean;
}

export interface Halving {
  /** The piece of wire that holds the break, metres from the near end. */
  readonly fromMetre: number;
  readonly toMetre: number;
  /** Where to probe next; null once the piece is as short as is worth cutting out. */
  readonly nextMetre: number | null;
  /** Probes still needed at most. */
  readonly probesLeft: number;
  /** Probes that contradict each other: whole further out than where it was broken. */
  readonly contradicting: readonly Probe[];
}

/** A piece this short is cut out and replaced whole, metre. */
export const SHORT_ENOUGH_METRE = 0.1;

/**
 * Finding a break by halves: each probe leaves half of what is left, so that ⌈log₂(length ÷ 0.1 m)⌉ probes suffice.
 * @param lengthMetre length of the wire, above 0. @param probes made so far, any order.
 * @returns the piece that is left and the next probe; a length of 0 or less, or not a number, gives an empty piece and no probe.
 * @example halve(4, [{ atMetre: 2, whole: true }]).nextMetre // => 3
 */
export function halve(lengthMetre: number, probes: readonly Probe[]): Halving {
  const length = Number.isFinite(lengthMetre) ? Math.max(0, lengthMetre) : 0;
  const inside = probes.filter((probe) => probe.atMetre >= 0 && probe.atMetre <= length);
  const broken = inside.filter((probe) => !probe.whole).map((probe) => probe.atMetre);
  const toMetre = Math.min(length, ...broken);
  const whole = inside.filter((probe) => probe.whole && probe.atMetre <= toMetre).map((probe) => probe.atMetre);
  const fromMetre = Math.max(0, ...whole);
  const left = toMetre - fromMetre;
  const probesLeft = left <= SHORT_ENOUGH_METRE ? 0 : Math.ceil(Math.log2(left / SHORT_ENOUGH_METRE) - 1e-9);
  return {
    fromMetre,
    toMetre,
    nextMetre: probesLeft === 0 ? null : (fromMetre + toMetre) / 2,
    probesLeft,
    contradicting: inside.filter((probe) => probe.whole && probe.atMetre > toMetre),
  };
}
