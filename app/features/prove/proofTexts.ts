import type { ProofStepId } from '../../../core/proof/proofSteps';
import { texts } from '#words/screens/prove';

/** The steps of the proof in words. */
export const PROOF_TEXTS: Readonly<
  Record<ProofStepId, { readonly title: string; readonly text: string; readonly needsReader: boolean }>
> = {
  erase: {
    title: texts.eraseTheCodesKey,
    text: texts.allModulesTheSame,
    needsReader: true,
  },
  spin: {
    title: texts.spinTheRepairedWheel,
    text: texts.beforeTheWheelGoes,
    needsReader: true,
  },
  drive: {
    title: texts.driveFiveKilometresMixed,
    text: texts.bendsBumpsGentleStops,
    needsReader: false,
  },
  're-read': {
    title: texts.readAllModulesAgain,
    text: texts.thereMustBeNo,
    needsReader: true,
  },
  lamps: {
    title: texts.lookAtTheLamps,
    text: texts.keyOnEveryLamp,
    needsReader: false,
  },
};
