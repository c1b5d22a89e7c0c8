import type { StepRow } from './step';

/** What is done in the middle, repair by repair. Opening and closing come from the place of sensor and plug. */

const prepare = (
  id: string,
  text: string,
  why: string,
  drawing: StepRow['drawing'],
  extra: Partial<StepRow> = {},
): StepRow => ({ id, phase: 'prepare', corner: true, text, why, drawing, ...extra });
const fit = (
  id: string,
  text: string,
  why: string,
  drawing: StepRow['drawing'],
  extra: Partial<StepRow> = {},
): StepRow => ({ id, phase: 'fit', corner: true, text, why, drawing, ...extra });

const BORE = prepare(
  'bore-bright',
  'Scrape and sand bore and face to bright metal',
  'Rust under the flange lifts the sensor; the gap grows, the signal goes.',
  'bore',
  { tools: ['scraper', 'emery cloth', 'vacuum'], cautions: ['eyes', 'chips'] },
);
const RING = prepare(
  'ring-seen',
  'Turn the hub a full turn and look at the ring',
  'A scored tip has a cause: a crack, rust or a chip on the ring.',
  'ring',
  { tools: ['torch'] },
);
const COMPARE = prepare(
  'part-compared',
  'Lay new part beside old: length, tip, ear, plug, clips',
  'Wrong boxes happen. Better now than after it is in.',
  'compare',
  { tools: ['new sensor'] },
);
const FILM = prepare(
  'bore-greased',
  'A film of grease in the bore, or none: your choice',
  'Grease keeps rust away for the next one; some leave it dry, some oil an O-ring. All work; the tip stays clean.',
  'bore',
  { cautions: ['grease'] },
);

export interface RepairProcedure {
  readonly repair: string;
  /** Opening steps needed, beside making safe; those of the plug's and sensor's place are found for it. */
  readonly opens: readonly ('plug' | 'sensor' | 'wheel' | 'module-plug' | 'clips')[];
  readonly steps: readonly StepRow[];
  readonly parts: readonly string[];
}

export const PROCEDURES: readonly RepairProcedure[] = [
  {
    repair: 'replaced:sensor',
    opens: ['wheel', 'plug', 'clips', 'sensor'],
    steps: [BORE, RING, COMPARE, FILM],
    parts: ['wheel speed sensor with lead'],
  },
  {
    repair: 'cleaned:sensor',
    opens: ['wheel', 'sensor'],
    steps: [
      prepare('tip-cleaned', 'Wipe tip and flange clean', 'Metal fuzz on the tip short-circuits the field.', 'look', {
        tools: ['rag', 'brake cleaner'],
      }),
      BORE,
      RING,
    ],
    parts: [],
  },
  {
    repair: 'reseated:gap',
    opens: ['wheel', 'sensor'],
    steps: [
      BORE,
      prepare(
        'flange-flat',
        'Try the sensor dry: it must sit flat without force',
        'A hair of rust is half a millimetre of gap.',
        'seat',
      ),
      RING,
    ],
    parts: [],
  },
  {
    repair: 'cleaned:ring',
    opens: ['wheel', 'sensor'],
    steps: [
      prepare(
        'ring-cleaned',
        'Clean the ring all round through the bore',
        'Fuzz is a false tooth. No magnet near an encoder.',
        'ring',
        { tools: ['soft brush', 'brake cleaner'], cautions: ['dust'] },
      ),
      RING,
    ],
    parts: [],
  },
  {
    repair: 'cleaned:plug',
    opens: ['wheel', 'plug'],
    steps: [
      fit(
        'pins-cleaned',
        'Clean both halves, dry them, look at every pin',
        'Green is resistance; a bent pin is an open.',
        'plug',
        { tools: ['contact cleaner', 'fine brush'] },
      ),
      fit('seal-seen', 'Look at the seal; a film of contact grease on it', 'The water came in somewhere.', 'plug'),
    ],
    parts: ['contact cleaner'],
  },
  {
    repair: 'reseated:plug',
    opens: ['wheel', 'plug'],
    steps: [
      fit(
        'pins-seen',
        'Look for a pin pushed back, bring it forward until it locks',
        'It makes contact only now and then.',
        'plug',
        { tools: ['pick'] },
      ),
    ],
    parts: [],
  },
  {
    repair: 'repaired-wire:lead',
    opens: ['wheel', 'plug'],
    steps: [
      fit('wire-cut', 'Cut back to sound copper', 'Dark copper takes no solder.', 'wire', {
        tools: ['cutters'],
        cautions: ['flex', 'acid'],
      }),
      fit(
        'wire-sleeved',
        'Sleeve on first, stripe to stripe, joints staggered, then join and shrink',
        'The sleeve you forgot is the joint you make twice.',
        'wire',
        { tools: ['adhesive-lined sleeve', 'soldering iron or crimp pliers', 'hot-air gun'] },
      ),
      fit('wire-twisted', 'Keep the twist and measure end to end: under 1 Ω', 'The twist keeps noise out.', 'wire', {
        tools: ['multimeter'],
      }),
    ],
    parts: ['wire and sleeves'],
  },
  {
    repair: 'repaired-wire:loom',
    opens: ['plug'],
    steps: [
      fit(
        'break-found',
        'Find the break by halves, open the loom there',
        'Half of what is left with every probe.',
        'wire',
        { tools: ['multimeter'] },
      ),
      fit('wire-cut', 'Cut back to sound copper', 'Dark copper takes no solder.', 'wire', {
        tools: ['cutters'],
        cautions: ['acid'],
      }),
      fit(
        'wire-sleeved',
        'Sleeve on first, stripe to stripe, joints staggered, then join and shrink',
        'The sleeve you forgot is the joint you make twice.',
        'wire',
        { tools: ['adhesive-lined sleeve', 'soldering iron or crimp pliers', 'hot-air gun'] },
      ),
      fit('loom-closed', 'Tape the loom, back into its clips, clear of edges', 'It chafed once.', 'wire'),
    ],
    parts: ['wire and sleeves'],
  },
  {
    repair: 'cleaned:module',
    opens: ['module-plug'],
    steps: [
      fit(
        'module-pins-cleaned',
        "Clean and dry the module's plug, find where the water came in",
        'It comes back if the way stays open.',
        'plug',
        { tools: ['contact cleaner'] },
      ),
    ],
    parts: ['contact cleaner'],
  },
  {
    repair: 'charged:supply',
    opens: [],
    steps: [
      {
        id: 'battery-charged',
        phase: 'fit',
        text: 'Clean the terminals, charge overnight, measure at rest and cranking',
        why: 'Below 12.4 V at rest or 9.6 V cranking every other reading is void.',
        drawing: 'battery',
        tools: ['charger', 'multimeter'],
      },
    ],
    parts: [],
  },
  {
    repair: 'repaired-wire:supply',
    opens: [],
    steps: [
      {
        id: 'feed-mended',
        phase: 'fit',
        text: "Renew the module's fuse, clean its ground point, measure its feed",
        why: 'A blown fuse has a reason: look for it before the new one blows.',
        drawing: 'battery',
        tools: ['multimeter', 'wire brush'],
      },
    ],
    parts: ['fuse'],
  },
  {
    repair: 'topped-up:elsewhere',
    opens: [],
    steps: [
      {
        id: 'fluid-topped',
        phase: 'fit',
        text: 'Top up with the fluid that the cap names, then find out why it was low',
        why: 'Worn pads lower it slowly; a leak is another matter: then do not drive.',
        drawing: 'fluid',
        tools: ['brake fluid'],
      },
    ],
    parts: ['brake fluid'],
  },
];
