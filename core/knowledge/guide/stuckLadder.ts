import type { ToolId } from './tools';
import { texts } from '#words/knowledge/stuckLadder';
import type { RungId } from './stepIds';

/** A rung of the ladder for a sensor that will not come out, mildest first. */
export interface Rung {
  readonly id: RungId;
  readonly name: string;
  readonly text: string;
  readonly why: string;
  readonly tools: readonly ToolId[];
  readonly cautions: readonly string[];
  /** Minutes to wait; the job keeps the timer. */
  readonly soakMinutes?: number;
  readonly destroys?: true;
}

export const STUCK_LADDER: readonly Rung[] = [
  {
    id: 'clean-around',
    name: texts.cleanAround,
    text: texts.brushAndWipeAround,
    why: texts.dirtThatFallsInto,
    tools: ['wire-brush', 'rag'],
    cautions: ['eyes', 'dust'],
  },
  {
    id: 'penetrant',
    name: texts.penetrant,
    text: texts.putPenetrantAllRound,
    why: texts.itNeedsTimeTo,
    tools: ['penetrant'],
    cautions: [],
    soakMinutes: 20,
  },
  {
    id: 'turn',
    name: texts.turn,
    text: texts.turnItAFew,
    why: texts.rustHoldsItAll,
    tools: ['grips'],
    cautions: ['not-the-plastic'],
  },
  {
    id: 'rock',
    name: texts.rockEvenly,
    text: texts.leverALittleAt,
    why: texts.liftedEvenlyItCannot,
    tools: ['flat-levers'],
    cautions: [],
  },
  {
    id: 'from-behind',
    name: texts.fromBehind,
    text: texts.whereTheBoreIs,
    why: texts.pullingCanTearThe,
    tools: ['soft-drift', 'small-hammer'],
    cautions: ['eyes'],
  },
  {
    id: 'warm',
    name: texts.warmTheHousing,
    text: texts.warmTheKnuckleAround,
    why: texts.heatWidensTheBore,
    tools: ['hot-air-gun'],
    cautions: ['heat'],
  },
  {
    id: 'break-out',
    name: texts.breakOut,
    text: texts.closeTheBoreAnd,
    why: texts.thisIsTheLast,
    tools: ['drill', 'pick', 'vacuum'],
    cautions: ['part-in-hand', 'chips'],
    destroys: true,
  },
];
