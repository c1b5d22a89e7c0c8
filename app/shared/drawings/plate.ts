import type { SceneId, StateOf } from './sceneStates';

/** Part of a scene that is shown: left, top, width, height in the scene's own units. */
export type Crop = readonly [left: number, top: number, width: number, height: number];

/** An arrow over the scene, in its own units, following the part's plane. */
export interface Arrow {
  readonly kind: 'pull' | 'press' | 'slide' | 'turn' | 'spin';
  readonly from: readonly [x: number, y: number];
  readonly to: readonly [x: number, y: number];
  /** How far the middle of a turn stands out from the straight line; its sign is the side. */
  readonly bow?: number;
}

/** A magnified circle: what lies around `on` is shown again at `at`. */
export interface Lens {
  readonly on: readonly [x: number, y: number];
  readonly at: readonly [x: number, y: number];
  readonly radius: number;
  readonly zoom: number;
}

/** A drawing as data: a scene, what of it is shown, and how. */
export type Plate = {
  [S in SceneId]: {
    readonly scene: S;
    readonly state: StateOf<S>;
    readonly crop?: Crop;
    /** Ids of the parts in question; the rest is kept quiet. */
    readonly focus?: readonly string[];
    /** Ids of the parts that the hand works on. */
    readonly act?: readonly string[];
    readonly lens?: Lens;
    readonly arrows?: readonly Arrow[];
    /** Texts on displays, by id: figures only. */
    readonly figures?: Readonly<Record<string, string>>;
    /** Custom properties of the root, such as the dial's angle. */
    readonly vars?: Readonly<Record<`--${string}`, string>>;
    /** Other classes of the root: `drum`, `show-hidden`, `is-n5`. */
    readonly classes?: readonly string[];
    /** The other side of the car. */
    readonly mirror?: true;
  };
}[SceneId];
