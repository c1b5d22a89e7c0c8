import { byTime } from '../casefile/byTime';
import type { CaseFile } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { readWorkStep } from '../casefile/workStep';
import { WRONG_PART } from '../guide/newPart';
import type { StepId } from '../knowledge/guide/stepIds';
import { dateAfter } from '../quantities/moment';
import { sayChannel, type SideSpeech } from '../vehicle/sides';
import { stillOut } from '../guide/fasteners';
import { texts } from '#words/core/reminders';

/** Something to be done later. */
export interface Reminder {
  /** Stable: the same thing has the same id however often it is worked out. */
  readonly id: string;
  readonly words: string;
  readonly why: string;
  /** Day on which it is due, `YYYY-MM-DD`. */
  readonly due: string;
  readonly done: boolean;
}

/** Days until a thing is due. Nuts settle within 50 to 100 km: a week of usual driving. */
const NUTS_AFTER = 7;
/** A ring that goes on swelling has marked the tip by then. */
const TIP_AFTER = 30;
/** Half a year is as long as a stopgap should be forgotten. */
const STOPGAP_AFTER = 182;
/** Many shops take an unused part back for two weeks. */
const RETURN_WITHIN = 14;
const FASTENER_WITHIN = 7;

type Draft = Omit<Reminder, 'done'>;

/**
 * How `work` notes that a reminder has been seen to.
 * @example reminderKey('nuts') // => "reminder:nuts"
 */
export const reminderKey = (id: string): string => `reminder:${id}`;

/** How `work` notes them. */
const NUTS_TORQUED: StepId = 'wheel-torqued';

/** Wheel nuts, once for each corner, after they were last torqued. */
function ofNuts(file: CaseFile, say: (channel: string) => string): readonly Draft[] {
  const torqued = new Map<string, string>();
  for (const { step, at, undone } of file.work ?? []) {
    const { name, channel } = readWorkStep(step);
    if (name === NUTS_TORQUED && at && undone !== true) torqued.set(channel ?? '', at);
  }
  return [...torqued].flatMap(([channel, at]): Draft[] => {
    const due = dateAfter(at, NUTS_AFTER);
    return due ? [{ id: `nuts-${channel}-${at}`, words: texts.nuts(say(channel)), why: texts.nutsWhy, due }] : [];
  });
}

/** A spacer is looked at again, and replaced by the lasting repair; one that was taken out, or changed nothing, is not. */
function ofStopgaps(file: CaseFile, say: (channel: string) => string): readonly Draft[] {
  const repairs = file.repairs ?? [];
  return repairs.flatMap(({ id, action, segment, channel, result, at }, order): Draft[] => {
    if (action !== 'spaced' || segment !== 'gap' || result === 'no-change' || !at) return [];
    const isReplaced = repairs
      .slice(order + 1)
      .some((later) => later.segment === 'ring' && later.action === 'replaced' && later.channel === channel);
    const [tip, review] = [dateAfter(at, TIP_AFTER), dateAfter(at, STOPGAP_AFTER)];
    if (isReplaced || !tip || !review) return [];
    const where = say(channel ?? '');
    return [
      { id: `tip-${id}`, words: texts.tip(where), why: texts.tipWhy, due: tip },
      { id: `stopgap-${id}`, words: texts.stopgap(where), why: texts.stopgapWhy, due: review },
    ];
  });
}

function ofParts(file: CaseFile): readonly Draft[] {
  const wrong = (file.work ?? []).flatMap(({ id, step, at, note, undone }): Draft[] => {
    const due = readWorkStep(step).name === WRONG_PART && at && undone !== true ? dateAfter(at, RETURN_WITHIN) : null;
    return due ? [{ id: `wrong-${id}`, words: texts.wrongPart(note ?? ''), why: texts.sendBackWhy, due }] : [];
  });
  const spare = (file.costs ?? []).flatMap(({ id, item, use, at }): Draft[] => {
    const due = use === 'spare' && at ? dateAfter(at, RETURN_WITHIN) : null;
    return due ? [{ id: `return-${id}`, words: texts.sendBack(item), why: texts.sendBackWhy, due }] : [];
  });
  return [...wrong, ...spare];
}

function ofFasteners(file: CaseFile, say: (channel: string) => string): readonly Draft[] {
  return (file.fasteners ?? []).flatMap((fastener): Draft[] => {
    const due = fastener.leftOut && fastener.at ? dateAfter(fastener.at, FASTENER_WITHIN) : null;
    const many = stillOut({ ...fastener, leftOut: false });
    const words = texts.fastener(many, fastener.name, say(fastener.channel ?? ''));
    return due && many > 0 ? [{ id: `fastener-${fastener.id}`, words, why: texts.fastenerWhy, due }] : [];
  });
}

/**
 * What a job wants done later: wheel nuts, stopgaps, parts to send back, fasteners left out.
 * @param file the job. @param sides how sides are spoken.
 * @returns reminders by their day, the earliest first; those seen to are marked. None where no time was noted.
 * @example remindersOf({ ...CASE, work: [], repairs: [], costs: [] }, 'left-right') // => []
 */
export function remindersOf(file: CaseFile, sides: SideSpeech): readonly Reminder[] {
  const say = (channel: string): string =>
    channel === '' ? texts.theCar : sayChannel(channel as Channel, sides, file.vehicle.steeringSide);
  const seenTo = new Set((file.work ?? []).filter(({ undone }) => undone !== true).map(({ step }) => step));
  return [...ofNuts(file, say), ...ofStopgaps(file, say), ...ofParts(file), ...ofFasteners(file, say)]
    .map((draft) => ({ ...draft, done: seenTo.has(reminderKey(draft.id)) }))
    .toSorted((a, b) => byTime(a.due, b.due));
}
