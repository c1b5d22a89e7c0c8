import type { Data, Layout, LayoutAxis, Shape } from 'plotly.js';
import type { Channel } from '../../../../core/casefile/words';
import type { Curve } from '../../../../core/livelog/curves';
import type { Closeup, LogDetail, Spectrum } from '../../../../core/livelog/detail';
import type { Recording } from '../useRecordings';
import { texts } from '#words/screens/log';

/** A colour by its role in the sheet. */
export type Role = (name: string) => string;

type Wheels = readonly Channel[];

/** A recording in a chart: drawn strong, or thin where it is only compared with. */
interface Drawn {
  readonly recording: Recording;
  readonly isAfter: boolean;
}

const detail = ({ recording }: Drawn): LogDetail | null => recording.answer.detail;

/** How a wheel stands out: the gravest finding's wheel, another with a finding, or none. */
type Standing = 'gravest' | 'suspect' | 'quiet';
function standingIn({ recording }: Drawn): (channel: Channel) => Standing {
  const findings = recording.answer.report?.findings ?? [];
  const gravest = (findings.find(({ rhythm }) => rhythm) ?? findings[0])?.channel;
  return (channel) => {
    if (channel === gravest) return 'gravest';
    return findings.some((finding) => finding.channel === channel) ? 'suspect' : 'quiet';
  };
}
const ORDER: readonly Standing[] = ['quiet', 'suspect', 'gravest'];

/** One curve over time; over the way where two drives are laid over each other. */
function line(curve: Curve | undefined, byWay: boolean): { x: number[]; y: number[] } {
  const along = byWay ? (curve?.kilometres ?? []) : (curve?.seconds ?? []).map((second) => second / 60);
  return { x: [...along], y: [...(curve?.values ?? [])] };
}

const COLOURS: Readonly<Record<Standing, string>> = { gravest: 'fault', suspect: 'suspect', quiet: 'question' };

function styled(
  standing: Standing,
  isAfter: boolean,
  role: Role,
): { color: string; width: number; dash: 'solid' | 'dot' | 'dash' } {
  if (isAfter) return { color: role('action'), width: 1.2, dash: 'dot' };
  return {
    color: role(COLOURS[standing]),
    width: standing === 'quiet' ? 1 : 1.8,
    dash: standing === 'suspect' ? 'dash' : 'solid',
  };
}

function shading(drawn: Drawn, byWay: boolean, role: Role): Partial<Shape>[] {
  const kept = detail(drawn);
  if (!kept || byWay) return [];
  const seconds = Object.values(drawn.recording.marks).flat();
  return [
    ...asOne(
      kept.bends.map(({ from, to }) => `M${from / 60},0H${to / 60}V1H${from / 60}Z`),
      { fillcolor: role('board'), line: { width: 0 }, layer: 'below' },
    ),
    ...asOne(
      seconds.map((second) => `M${second / 60},0V1`),
      { line: { color: role('action'), width: 1.4, dash: 'dot' } },
    ),
  ];
}

/** Many like shapes as one path, over the whole height: a chart of sixty bends is then drawn as fast as one of none. */
const asOne = (paths: readonly string[], look: Partial<Shape>): Partial<Shape>[] =>
  paths.length === 0 ? [] : [{ type: 'path', xref: 'x', yref: 'paper', path: paths.join(''), ...look }];

/** Names of marks stand over their lines. */
function markNames({ recording }: Drawn, byWay: boolean): Layout['annotations'] {
  if (byWay) return [];
  return Object.entries(recording.marks).flatMap(([mark, seconds]) =>
    seconds.map((second) => ({
      x: second / 60,
      y: 1,
      xref: 'x' as const,
      yref: 'paper' as const,
      text: texts.marks[mark as keyof typeof texts.marks],
      showarrow: false,
      yanchor: 'bottom' as const,
    })),
  );
}

/** One of the linked charts. */
export interface Panel {
  readonly key: string;
  readonly data: Data[];
  readonly layout: Partial<Layout>;
  /** Pixels. */
  readonly height: number;
}

const SPEEDS_HEIGHT = 240;
const WHEEL_HEIGHT = 62;
const UNDER = 44;
const MARGIN = { l: 74, r: 10, t: 4, b: 6 };
const axisOf = (role: Role): Partial<LayoutAxis> => ({
  gridcolor: role('line'),
  linecolor: role('ink'),
  zerolinecolor: role('line'),
});

function curvesBy(
  shown: readonly Drawn[],
  curve: (kept: LogDetail) => Partial<Record<Channel, Curve>>,
  wheels: Wheels,
  { say, role }: Telling,
): Data[] {
  return shown.flatMap((drawn): Data[] => {
    const standing = standingIn(drawn);
    const kept = detail(drawn);
    return wheels
      .toSorted((a, b) => ORDER.indexOf(standing(a)) - ORDER.indexOf(standing(b)))
      .map((channel) => ({
        type: 'scatter',
        mode: 'lines',
        name: say(channel),
        hovertemplate: '%{y:.1f}',
        ...line(kept ? curve(kept)[channel] : undefined, shown.length > 1),
        line: styled(standing(channel), drawn.isAfter, role),
      }));
  });
}

interface Telling {
  readonly say: (channel: Channel) => string;
  readonly role: Role;
}

/** The whole of what is drawn, minutes or km. */
function reachOf(shown: readonly Drawn[], wheels: Wheels): [number, number] {
  const ends = shown.flatMap((drawn) =>
    wheels.flatMap((channel) => {
      const { x } = line(detail(drawn)?.speeds[channel], shown.length > 1);
      return [x[0] ?? 0, x.at(-1) ?? 0];
    }),
  );
  return [Math.min(...ends), Math.max(...ends)];
}

/** The four speeds, and each wheel's deviation under them, on the same stretch of the drive: drawn one by one, so that none holds the page. */
export function linkedPanels(shown: readonly Drawn[], telling: Telling): readonly Panel[] {
  const { say, role } = telling;
  const byWay = shown.length > 1;
  const wheels = Object.keys(shown[0] ? (detail(shown[0])?.speeds ?? {}) : {}) as Channel[];
  const axis = axisOf(role);
  const xaxis = { ...axis, range: reachOf(shown, wheels) };
  const shapes = shown.flatMap((drawn) => shading(drawn, byWay, role));
  const speeds: Panel = {
    key: 'speeds',
    height: SPEEDS_HEIGHT,
    data: curvesBy(shown, (kept) => kept.speeds, wheels, telling),
    layout: {
      margin: { ...MARGIN, t: 26 },
      xaxis: { ...xaxis, showticklabels: false },
      yaxis: { ...axis, rangemode: 'tozero', fixedrange: true },
      shapes,
      annotations: shown.flatMap((drawn) => markNames(drawn, byWay) ?? []),
    },
  };
  const deviations = wheels.map((channel, at): Panel => {
    const isLast = at === wheels.length - 1;
    const title = isLast ? { title: { text: byWay ? texts.kilometres : texts.minutes } } : { showticklabels: false };
    return {
      key: channel,
      height: WHEEL_HEIGHT + (isLast ? UNDER : 0),
      data: curvesBy(shown, (kept) => kept.deviations, [channel], telling),
      layout: {
        margin: { ...MARGIN, b: isLast ? UNDER : MARGIN.b },
        xaxis: { ...xaxis, ...title },
        yaxis: {
          ...axis,
          range: [-12, 12],
          title: { text: say(channel).replace(' ', '<br>'), standoff: 4, font: { size: 12 } },
          tickvals: [-8, 0, 8],
          fixedrange: true,
        },
        shapes,
      },
    };
  });
  return [speeds, ...deviations];
}

const GAP = 0.02;

/** Panels as one chart, for a picture. */
export function pictureOf(panels: readonly Panel[]): { data: Data[]; layout: Partial<Layout>; height: number } {
  const height = panels.reduce((sum, panel) => sum + panel.height, 0);
  const last = panels.length - 1;
  const named = (at: number): string => (at === 0 ? '' : String(at + 1));
  let below = 1;
  const axes = panels.map(({ layout, height: own }, at): [string, Partial<LayoutAxis>] => {
    const top = below;
    below -= own / height;
    return [`yaxis${named(at)}`, { ...layout.yaxis, domain: [Math.max(0, below + GAP), top] }];
  });
  return {
    height,
    data: panels.flatMap(({ data }, at) => data.map((entry) => ({ ...entry, yaxis: `y${named(at)}` }))),
    layout: {
      ...panels[0]?.layout,
      ...Object.fromEntries(axes),
      margin: { ...MARGIN, t: 26, b: UNDER },
      xaxis: { ...panels[last]?.layout.xaxis, anchor: (last === 0 ? 'y' : `y${last + 1}`) as 'y' },
    },
  };
}

/** How strongly a wheel trembles by the turn, beside one that does not. */
export function spectrumPlot(
  own: Spectrum,
  other: Spectrum | null,
  role: Role,
): { readonly data: Data[]; readonly layout: Partial<Layout> } {
  const curve = ({ perTurn, strength }: Spectrum, color: string, width: number, fill: boolean): Data => ({
    type: 'scatter',
    mode: 'lines',
    x: [...perTurn],
    y: strength.map((share) => 100 * share),
    line: { color, width },
    ...(fill ? { fill: 'tozeroy', fillcolor: role('fault-fill') } : {}),
  });
  const axis = { gridcolor: role('line'), linecolor: role('ink'), zerolinecolor: role('line'), fixedrange: true };
  return {
    data: [curve(own, role('fault'), 1.8, true), ...(other ? [curve(other, role('question'), 1.2, false)] : [])],
    layout: {
      margin: { l: 44, r: 8, t: 8, b: 40 },
      xaxis: { ...axis, tickvals: [1, 2, 3], title: { text: texts.perTurn } },
      yaxis: { ...axis, rangemode: 'tozero', title: { text: '%' } },
    },
  };
}

/** A few seconds drawn large, with the turns. */
export function closeupPlot(closeup: Closeup, role: Role): { readonly data: Data[]; readonly layout: Partial<Layout> } {
  const x = [...closeup.seconds];
  const axis = { gridcolor: role('line'), linecolor: role('ink'), zerolinecolor: role('line'), fixedrange: true };
  return {
    data: [
      { type: 'scatter', mode: 'lines', x, y: [...closeup.other], line: { color: role('question'), width: 1.2 } },
      { type: 'scatter', mode: 'lines', x, y: [...closeup.own], line: { color: role('fault'), width: 2.2 } },
    ],
    layout: {
      margin: { l: 44, r: 8, t: 8, b: 30 },
      xaxis: { ...axis, showgrid: false, ticksuffix: ' s' },
      yaxis: { ...axis },
      shapes: closeup.turns.map((second) => ({
        type: 'line',
        xref: 'x',
        yref: 'paper',
        x0: second,
        x1: second,
        y0: 0,
        y1: 1,
        line: { color: role('line'), width: 1.4 },
      })),
    },
  };
}
