import { texts } from '#words/knowledge/tools';

/** What a step asks for in the hand, by name; drawn in the drawing room. */
export const TOOLS = {
  'breaker-bar': texts.breakerBar,
  extractor: texts.extractor,
  'feeler-gauge': texts.feelerGauge,
  gloves: texts.gloves,
  'magnet-card': texts.magnetCard,
  'axle-stand': texts.axleStand,
  'brake-cleaner': texts.brakeCleaner,
  'brake-fluid': texts.brakeFluid,
  'centre-punch': texts.centrePunch,
  charger: texts.charger,
  chocks: texts.chocks,
  'contact-cleaner': texts.contactCleaner,
  cutters: texts.cutters,
  drill: texts.drill,
  'emery-cloth': texts.emeryCloth,
  file: texts.file,
  'fine-brush': texts.fineBrush,
  'flat-levers': texts.flatLevers,
  grips: texts.grips,
  'hot-air-gun': texts.hotAirGun,
  'inner-hex-key': texts.innerHexKey,
  jack: texts.jack,
  'joining-tool': texts.joiningTool,
  multimeter: texts.multimeter,
  'new-sensor': texts.newSensor,
  penetrant: texts.penetrant,
  phone: texts.phone,
  pick: texts.pick,
  rag: texts.rag,
  scraper: texts.scraper,
  sleeve: texts.sleeve,
  'small-hammer': texts.smallHammer,
  'socket-set': texts.socketSet,
  'soft-brush': texts.softBrush,
  'soft-drift': texts.softDrift,
  'soft-hammer': texts.softHammer,
  'star-bit': texts.starBit,
  tap: texts.tap,
  torch: texts.torch,
  'torque-wrench': texts.torqueWrench,
  'trim-lever': texts.trimLever,
  vacuum: texts.vacuum,
  'wheel-brace': texts.wheelBrace,
  'wire-brush': texts.wireBrush,
  'wire-hook': texts.wireHook,
} as const;

export type ToolId = keyof typeof TOOLS;

/**
 * Names of tools, in the order given.
 * @example toolNames(['jack']) // => ["jack"]
 */
export const toolNames = (tools: readonly ToolId[]): readonly string[] => tools.map((tool) => TOOLS[tool]);
