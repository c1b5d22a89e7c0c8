/** A rung of the ladder for a sensor that will not come out, mildest first. */
export interface Rung {
  readonly id: string;
  readonly name: string;
  readonly text: string;
  readonly why: string;
  readonly tools: readonly string[];
  readonly cautions: readonly string[];
  /** Minutes to wait; the job keeps the timer. */
  readonly soakMinutes?: number;
  readonly destroys?: true;
}

export const STUCK_LADDER: readonly Rung[] = [
  {
    id: 'clean-around',
    name: 'Clean around',
    text: 'Brush and wipe around the sensor until you see where it ends and the knuckle begins.',
    why: 'What falls into the bore jams it, and penetrant cannot get through dirt.',
    tools: ['wire brush', 'rag'],
    cautions: ['eyes', 'dust'],
  },
  {
    id: 'penetrant',
    name: 'Penetrant',
    text: 'Penetrant all round, then wait. Overnight is better; the job will wait.',
    why: 'It has to creep the length of the bore.',
    tools: ['penetrant'],
    cautions: [],
    soakMinutes: 20,
  },
  {
    id: 'turn',
    name: 'Turn',
    text: 'Turn it a few degrees each way by its metal ear. If it gives even a hair, more penetrant, then again.',
    why: 'Rust holds it all round; turning shears that skin before you pull.',
    tools: ['grips, narrow jaw'],
    cautions: ['not-the-plastic'],
  },
  {
    id: 'rock',
    name: 'Rock evenly',
    text: 'Lever a little at one side, then at the other, under the flange. Never against the tip.',
    why: 'Evenly lifted it cannot tilt and jam.',
    tools: ['two flat levers'],
    cautions: [],
  },
  {
    id: 'from-behind',
    name: 'From behind',
    text: 'Where the bore is open behind, push or tap the sensor out with a soft drift.',
    why: 'Pushing does not tear the head off; pulling does.',
    tools: ['soft drift', 'small hammer'],
    cautions: ['eyes'],
  },
  {
    id: 'warm',
    name: 'Warm the housing',
    text: 'Warm the knuckle around the bore with hot air, then turn and pull in one firm straight go.',
    why: 'The housing grows away from the sensor.',
    tools: ['hot-air gun'],
    cautions: ['heat'],
  },
  {
    id: 'break-out',
    name: 'Break out',
    text: 'Cut the head off, drill the core, collapse the shell, pull it out. Plug the bore and shield the ring first.',
    why: 'The last way: the old sensor is given up, the bore must not be.',
    tools: ['drill', 'pick', 'vacuum'],
    cautions: ['part-in-hand', 'chips'],
    destroys: true,
  },
];
