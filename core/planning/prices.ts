import type { CaseFile } from '../casefile/contract';
import type { RepairAction, RepairSegment } from '../casefile/words';
import { repairId, type RepairId } from '../knowledge/repairs/repair';
import { priceOf, repairRecord } from '../knowledge/repairs/all';
import { minutesToOpen } from '../knowledge/setups';
import type { CheckMove } from './checkMoves';
import type { Costs, Finishing } from './finishing';
import { repairPrice, type Circumstances, type RepairOption } from './repairOptions';

/** A repair as a move. */
export interface RepairMove {
  readonly kind: 'repair';
  readonly name: RepairId;
  readonly action: RepairAction;
  readonly segment: RepairSegment;
  readonly channel: RepairOption['channel'];
  readonly option: number;
}

/** Any move: they are priced alike and looked ahead from equally deep. */
export type AnyMove = CheckMove | RepairMove;

/**
 * Repairs as moves; an erase is a check already.
 * @param options the repairs, numbered as they stand. @returns a move each.
 * @example repairMoves(OPTIONS).length === OPTIONS.length - 1 // => true
 */
export function repairMoves(options: readonly RepairOption[]): readonly RepairMove[] {
  return options.flatMap(({ record: { action, segment }, channel }, option): RepairMove[] =>
    action && segment ? [{ kind: 'repair', name: repairId(action, segment), action, segment, channel, option }] : [],
  );
}

/** How a job stands at some point of a plan, with all prices there; worked out once and shared by all branches that come to it. */
export interface Place {
  readonly at: Circumstances;
  readonly costs: Costs;
  readonly prices: Map<AnyMove, Price>;
  readonly after: Map<string, Place>;
}

/** What a move takes: minutes, money, and both with its risk as money. */
export interface Price {
  readonly minutes: number;
  readonly money: number;
  readonly total: number;
}

/** The wire whose bad place a look finds, as `part@channel`; null where it finds none. */
function wireFound({ record, channel }: CheckMove, outcome: string): string | null {
  const part = record.answer?.is === 'look' ? record.answer.part : null;
  return (part === 'lead' || part === 'loom') && outcome !== 'sound' ? `${part}@${channel ?? ''}` : null;
}

/** What moves take at each place of a plan, worked out once a place; and the places that they lead to. */
export class Prices {
  constructor(
    private readonly finishing: Finishing,
    private readonly file: CaseFile,
  ) {}

  /** The place where a job stands, with nothing priced there yet. */
  placeAt(at: Circumstances): Place {
    return { at, costs: this.finishing.costsAt(at), prices: new Map(), after: new Map() };
  }

  /** Chance that the sensor of a corner would have been kept: breaking one that is to be replaced costs nothing. */
  private keptSensor({ channel }: CheckMove, weights: Float64Array): number {
    const option = this.finishing.options.find(
      (candidate) => candidate.record.repair === 'replaced:sensor' && candidate.channel === channel,
    );
    if (!option) return 1;
    let [mass, replaced] = [0, 0];
    weights.forEach((weight, s) => {
      mass += weight;
      if ((option.effects[s]?.cured ?? 0) > 0.5) replaced += weight;
    });
    return mass > 0 ? 1 - replaced / mass : 1;
  }

  /** What a move takes where the job stands; the risk of breaking a sensor is told by what is believed at first. */
  of(move: AnyMove, place: Place): Price {
    const known = place.prices.get(move);
    if (known) return known;
    const made = move.kind === 'repair' ? this.repairPrice(move, place) : this.ofCheck(move, place.at.open);
    place.prices.set(move, made);
    return made;
  }

  private repairPrice(move: RepairMove, { at, costs }: Place): Price {
    const option = this.finishing.options[move.option] as RepairOption;
    return { ...repairPrice(option, at, this.file), total: costs.repair[move.option] as number };
  }

  /** What a check takes while these things stand open. */
  ofCheck(move: CheckMove, open: ReadonlySet<string>): Price {
    const minutes = move.minutes + minutesToOpen(move.openings, open, this.file);
    const sensor = repairRecord('replaced:sensor');
    const sensorPrice = sensor ? priceOf(sensor, this.file) : 0;
    const money = move.buys ? sensorPrice : 0;
    const { weights } = this.finishing.states;
    const risk = move.mayBreakSensor > 0 ? move.mayBreakSensor * sensorPrice * this.keptSensor(move, weights) : 0;
    return { minutes, money, total: money + risk + (this.finishing.stakes.hourValue * minutes) / 60 };
  }

  afterCheck(move: CheckMove, outcome: string, place: Place): Place {
    const opened = move.openings.filter((opening) => !place.at.open.has(opening.key)).map((opening) => opening.key);
    const found = wireFound(move, outcome);
    const bought = move.buys ? `${move.buys}@${move.channel ?? ''}` : null;
    const isErase = move.name === 'clear';
    if (opened.length === 0 && !found && !bought && !isErase) return place;
    return this.placeAfter([...opened, found, bought, isErase].join(), place, ({ at }) => ({
      open: new Set([...at.open, ...opened]),
      inHand: bought ?? at.inHand,
      located: found ? new Set([...at.located, found]) : at.located,
      isErased: at.isErased || isErase,
    }));
  }

  /** After a repair everything is closed again, and codes have been erased to prove it. */
  afterRepair(place: Place): Place {
    return this.placeAfter('repaired', place, ({ at }) => ({ ...at, open: new Set<string>(), isErased: true }));
  }

  private placeAfter(key: string, place: Place, make: (place: Place) => Circumstances): Place {
    const known = place.after.get(key);
    if (known) return known;
    const made = this.placeAt(make(place));
    place.after.set(key, made);
    return made;
  }
}
