import type { StepId } from '../guide/stepIds';
import type { StepRow } from '../guide/step';
import { texts } from '#words/knowledge/steps';

/**
 * Steps that several repairs share, and short ways to write one.
 * @example prepare('bore-cleaned', 'Clean the bore.', 'Rust lifts the sensor.').phase // => "prepare"
 */
export const prepare = (id: StepId, text: string, why: string, extra: Partial<StepRow> = {}): StepRow => ({
  id,
  phase: 'prepare',
  corner: true,
  text,
  why,
  ...extra,
});
/**
 * A step of fitting, at the corner unless said otherwise.
 * @example fit('sensor-in', 'Push it in.', 'It must sit flat.').phase // => "fit"
 */
export const fit = (id: StepId, text: string, why: string, extra: Partial<StepRow> = {}): StepRow => ({
  id,
  phase: 'fit',
  corner: true,
  text,
  why,
  ...extra,
});

export const BORE = prepare('bore-bright', texts.scrapeAndSandBore, texts.rustUnderTheFlange, {
  needs: ['sensor-out'],
  tools: ['scraper', 'emery-cloth', 'vacuum'],
  cautions: ['eyes', 'chips'],
});
export const RING = prepare('ring-seen', texts.turnTheHubA, texts.aScoredTipHas, { tools: ['torch'] });
export const COMPARE = prepare('part-compared', texts.layNewPartBeside, texts.wrongPartsAreOften, {
  school: 'part',
  tools: ['new-sensor'],
});
export const FILM = prepare('bore-greased', texts.aFilmOfGrease, texts.greaseKeepsRustAway, {
  school: 'lubricant',
  cautions: ['grease'],
});

/** The seat made bright, and the sensor tried dry. */
export const SEAT_STEPS: readonly StepRow[] = [
  BORE,
  prepare('flange-flat', texts.tryTheSensorDry, texts.aLittleRustCan),
  RING,
];
/** A stopgap where a swollen ring rubs. */
export const SPACER_STEPS: readonly StepRow[] = [
  BORE,
  prepare('spacer-fitted', texts.laySpacerUnder, texts.aSpacerCosts, { tools: ['feeler-gauge'] }),
  fit('marks-checked', texts.lookForMarks, texts.marksMean, { phase: 'close-up' }),
];

/**
 * Cutting back, joining and closing a wire, wherever it is.
 * @example wireSteps([]).map(({ id }) => id) // => ["wire-cut","copper-bright","piece-set-in","wire-sleeved","wire-measured"]
 */
export const wireSteps = (cautions: readonly string[]): readonly StepRow[] => [
  fit('wire-cut', texts.cutBackToSound, texts.darkCopperDoesNot, {
    tools: ['cutters', 'multimeter'],
    cautions,
  }),
  fit('copper-bright', texts.cleanDarkCopper, texts.vinegarTakesOff, {
    tools: ['emery-cloth', 'gloves'],
    cautions: ['acid'],
    soakMinutes: 15,
  }),
  fit('piece-set-in', texts.setAPieceIn, texts.aStretchedLead, { tools: ['cutters'] }),
  fit('wire-sleeved', texts.slideTheSleeveOn, texts.ifYouForgetThe, {
    school: 'joint',
    tools: ['sleeve', 'joining-tool', 'hot-air-gun'],
  }),
  fit('wire-measured', texts.measureEachWire, texts.aJointHasNo, { tools: ['multimeter'] }),
];
