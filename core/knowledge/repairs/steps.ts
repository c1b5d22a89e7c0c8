import type { StepRow } from '../guide/step';
import { texts } from '#words/knowledge/steps';

/** Steps that several repairs share, and short ways to write one. */

export const prepare = (
  id: string,
  text: string,
  why: string,
  drawing: StepRow['drawing'],
  extra: Partial<StepRow> = {},
): StepRow => ({ id, phase: 'prepare', corner: true, text, why, drawing, ...extra });
export const fit = (
  id: string,
  text: string,
  why: string,
  drawing: StepRow['drawing'],
  extra: Partial<StepRow> = {},
): StepRow => ({ id, phase: 'fit', corner: true, text, why, drawing, ...extra });

export const BORE = prepare('bore-bright', texts.scrapeAndSandBore, texts.rustUnderTheFlange, 'bore', {
  tools: [texts.scraper, texts.emeryCloth, texts.vacuum],
  cautions: ['eyes', 'chips'],
});
export const RING = prepare('ring-seen', texts.turnTheHubA, texts.aScoredTipHas, 'ring', { tools: [texts.torch] });
export const COMPARE = prepare('part-compared', texts.layNewPartBeside, texts.wrongPartsAreOften, 'compare', {
  tools: [texts.newSensor],
});
export const FILM = prepare('bore-greased', texts.aFilmOfGrease, texts.greaseKeepsRustAway, 'bore', {
  cautions: ['grease'],
});

/** Cutting back, joining and closing a wire, wherever it is. */
export const wireSteps = (cautions: readonly string[]): readonly StepRow[] => [
  fit('wire-cut', texts.cutBackToSound, texts.darkCopperDoesNot, 'wire', {
    tools: [texts.cutters],
    cautions,
  }),
  fit('wire-sleeved', texts.slideTheSleeveOn, texts.ifYouForgetThe, 'wire', {
    tools: [texts.adhesiveLinedSleeve, texts.solderingIronOrCrimp, texts.hotAirGun],
  }),
];
