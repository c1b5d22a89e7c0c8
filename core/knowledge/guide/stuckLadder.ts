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
    why: 'Dirt that falls into the bore jams the sensor, and penetrant cannot get through it.',
    tools: ['wire brush', 'rag'],
    cautions: ['eyes', 'dust'],
  },
  {
    id: 'penetrant',
    name: 'Penetrant',
    text: 'Put penetrant all round, then wait. Overnight is better, and you can close Zelf meanwhile.',
    why: 'It needs time to creep along the bore.',
    tools: ['penetrant'],
    cautions: [],
    soakMinutes: 20,
  },
  {
    id: 'turn',
    name: 'Turn',
    text: 'Turn it a few degrees each way by its metal ear. If it moves even a little, add penetrant and try again.',
    why: 'Rust holds it all round. Turning breaks the rust loose before you pull.',
    tools: ['grips, narrow jaw'],
    cautions: ['not-the-plastic'],
  },
  {
    id: 'rock',
    name: 'Rock evenly',
    text: 'Lever a little at one side, then at the other, under the flange. Never against the tip.',
    why: 'Lifted evenly it cannot tilt and jam.',
    tools: ['two flat levers'],
    cautions: [],
  },
  {
    id: 'from-behind',
    name: 'From behind',
    text: 'Where the bore is open behind, push or tap the sensor out with a soft drift.',
    why: 'Pulling can tear the head off, pushing does not.',
    tools: ['soft drift', 'small hammer'],
    cautions: ['eyes'],
  },
  {
    id: 'warm',
    name: 'Warm the housing',
    text: 'Warm the knuckle around the bore with hot air, then turn and pull straight out with one firm pull.',
    why: 'Heat widens the bore around the sensor.',
    tools: ['hot-air gun'],
    cautions: ['heat'],
  },
  {
    id: 'break-out',
    name: 'Break out',
    text: 'Close the bore and cover the ring first. Cut the head off, drill out the core, fold the shell inwards and pull it out.',
    why: 'This is the last way. It destroys the old sensor, but the bore must stay unharmed.',
    tools: ['drill', 'pick', 'vacuum'],
    cautions: ['part-in-hand', 'chips'],
    destroys: true,
  },
];
