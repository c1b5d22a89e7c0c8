import { texts } from '#words/core/codes';
/** What to try before money is spent on another reader, cheapest first. */
export interface ReaderHint {
  readonly id: string;
  readonly tryThis: string;
  readonly because: string;
}

/** A reader that will not connect at all. */
export const WILL_NOT_CONNECT: readonly ReaderHint[] = [
  {
    id: 'key-on',
    tryThis: texts.keyOnEngineOff,
    because: texts.mostModulesSleepUntil,
  },
  {
    id: 'seat',
    tryThis: texts.pushThePlugFully,
    because: texts.aLoosePinIs,
  },
  {
    id: 'fuse',
    tryThis: texts.doesTheReaderLight,
    because: texts.noFeedNoReader,
  },
  {
    id: 'battery',
    tryThis: texts.measureTheBatteryAt,
    because: texts.belowAbout11V,
  },
  {
    id: 'protocol',
    tryThis: texts.chooseTheMakeNeutral,
    because: texts.automaticSearchFailsOn,
  },
  {
    id: 'other-car',
    tryThis: texts.tryItOnAnother,
    because: texts.tellsADeadReader,
  },
];

/** A reader that talks to the engine and shows nothing of the brakes. */
export const ENGINE_ONLY: readonly ReaderHint[] = [
  {
    id: 'menu',
    tryThis: texts.lookForAMenu,
    because: texts.theStartMenuOften,
  },
  {
    id: 'class',
    tryThis: texts.readItsLeafletDoes,
    because: texts.emissionCodesAreAll,
  },
  {
    id: 'borrow',
    tryThis: texts.borrowOneOrHave,
    because: texts.costsLessThanA,
  },
  {
    id: 'flash',
    tryThis: texts.onOlderCarsThe,
    because: texts.needsNoReaderAt,
  },
  {
    id: 'without',
    tryThis: texts.goOnWithoutCodes,
    because: texts.zelfJudgesFromWhatever,
  },
];

/** How a car without a reader is made to flash its codes, in general words; the manual decides. */
export const FLASH_CODE_STEPS: readonly string[] = [
  texts.findInTheManual,
  texts.suchSocketsHideUnder,
  texts.ignitionOffBridgeJust,
  texts.ignitionOnEngineOff,
  texts.whenYouHaveTwo,
];

export const FLASH_CODE_CAUTIONS: readonly string[] = [
  texts.neverBridgeAPin,
  texts.leaveYellowConnectorsAlone,
  texts.pinsNotNamedBy,
];
