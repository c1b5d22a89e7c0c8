import { faultChances, scenariosOf } from '../../core/belief/posterior';
import { DiagnosticClient } from '../../core/diagnostics/client';
import { gatherEvidence } from '../../core/evidence/groups';
import { analyse } from '../../core/livelog/analyse';
import { curvesOf } from '../../core/livelog/curves';
import { readLog } from '../../core/livelog/readLog';
import { readingsOf } from '../../core/livelog/readings';
import { seriesOf } from '../../core/livelog/series';
import type { Watched } from '../../core/livelog/watching';
import { Finishing, NOTHING_DONE, stakesOf } from '../../core/planning/finishing';
import { segmentViews } from '../../core/belief/segments';
import { verdictsOf } from '../../core/evidence/verdictOf';
import { planMoves } from '../../core/planning/plan';
import { seenSince } from '../../core/planning/seen';
import { repairOptions } from '../../core/planning/repairOptions';
import { statesOf } from '../../core/planning/states';
import { summaryOf } from '../../core/report/record';
import { asBytes, CASE, POSTERIOR } from './exampleCase';
import { simulated } from './simulatedLog';

/** What examples of the adviser's inner rooms speak of, all made from `CASE`: `STATES` that its plan tells apart, `OPTIONS` of repair, `FINISHING` it from where `NOTHING_DONE` is, the `QUESTION` put to the plan and its `PLAN`, the `FACTS` of its policy. */
const ranked = [...faultChances(POSTERIOR)].sort((a, b) => b.probability - a.probability);
const scenarios = scenariosOf(POSTERIOR);
export const STATES = statesOf(scenarios);
export const OPTIONS = repairOptions(STATES, CASE);
export const FINISHING = new Finishing(STATES, OPTIONS, stakesOf(CASE), CASE);
export { NOTHING_DONE };
export const QUESTION = { file: CASE, posterior: POSTERIOR, ranked, scenarios, doubtful: new Set<string>() };
export const PLAN = planMoves(QUESTION);
const all = POSTERIOR.timeline.stages.flatMap(({ observations }) => observations);
const latest = POSTERIOR.timeline.stages.at(-1)?.observations ?? [];
/** What moves and parts are said from: `MOVE_FACTS`, `PART_FACTS`, `SEGMENTS_SEEN`. */
export const MOVE_FACTS = { file: CASE, ranked, seen: seenSince(latest, CASE, new Set()), isAlone: false };
export const PART_FACTS = {
  file: CASE,
  posterior: POSTERIOR,
  verdicts: verdictsOf(POSTERIOR.timeline),
  doubtful: new Set<string>(),
};
export const SEGMENTS_SEEN = segmentViews(POSTERIOR);
export const FACTS = { ...QUESTION, all, latest, lastRepair: CASE.repairs?.[0] ?? null, moves: PLAN.moves, plan: PLAN };

/** A recording of 90 s in which the front right wheel stays at zero: as read, side by side, and as judged. */
const read = readLog(
  asBytes(
    simulated({
      seed: 1,
      seconds: 90,
      hertz: 5,
      step: 0.1,
      isPolled: false,
      wrong: [{ channel: 'front-right', kind: 'zero', size: 0 }],
    }),
  ),
);
if (!read.log) throw new Error('the example recording cannot be read');
export const LOG = read.log;
export const SERIES = seriesOf(LOG);
export const CURVES = curvesOf(SERIES);
export const REPORT = analyse(LOG);
export const SILENT = readingsOf(SERIES, 'front-right');
export const FOLLOWING = readingsOf(SERIES, 'rear-left');

/** Three seconds of watching: the rear right wheel alone is spun, up to 6 km/h. */
export const WATCHED: Watched = {
  channels: ['front-left', 'front-right', 'rear-left', 'rear-right'],
  moments: [0, 1, 2, 3].map((second) => ({ second, speeds: [0, 0, 0, 2 * second] })),
  marks: {},
};
/** One moment of a drive at 30 km/h in which the front right wheel shows nothing. */
export const DRIVEN: Watched = { ...WATCHED, moments: [{ second: 0, speeds: [30, 0, 30, 31] }] };

/** `SUMMARY`: the record of `CASE` as a document. */
export const SUMMARY = summaryOf(CASE, { sides: 'left-right' }, true);

/** `GROUPS`: the evidence of `CASE` as it is weighed; `MODEL`: the variant that it is weighed under. */
export const GROUPS = gatherEvidence(POSTERIOR.timeline).groups;
const model = POSTERIOR.models[0];
if (!model) throw new Error('the example has no model');
export const MODEL = model;

/** `CLIENT`: a reader's client whose link is lost at once. */
export const CLIENT = new DiagnosticClient(
  {
    send: () => undefined,
    onMessage: () => undefined,
    onLost: (lost) => lost('the plug was pulled'),
    close: () => undefined,
  },
  { now: () => 0, after: () => () => undefined },
);
