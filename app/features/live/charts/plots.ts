import type { Data, Layout, LayoutAxis, Shape } from 'plotly.js';
import type { Channel } from '../../../../core/casefile/words';
import type { Closeup, Curve, LogDetail, Spectrum } from '../../../../core/livelog/detail';
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

/** Share of the height that the speeds take; the rest is shared out among the wheels. */
const SPEEDS_FROM = 0.56;
const GAP = 0.025;

const axisName = (at: number): string => (at === 0 ? 'y' : `y${at + 1}`);

function deviationAxes(
  wheels: Wheels,
  say: (channel: Channel) => string,
  axis: Partial<LayoutAxis>,
): Record<string, Partial<LayoutAxis>> {
  const each = SPEEDS_FROM / wheels.length;
  return Object.fromEntries(
    wheels.map((channel, at) => {
      const top = SPEEDS_FROM - GAP - at * each;
      return [
        `yaxis${at + 2}`,
        {
          ...axis,
          domain: [Math.max(0, top - each + GAP), top],
          range: [-12, 12],
          title: { text: say(channel).replace(' ', '<br>'), standoff: 4, font: { size: 12 } },
          tickvals: [-8, 0, 8],
          fixedrange: true,
        },
      ];
    }),
  );
}

function shading(drawn: Drawn, byWay: boolean, role: Role): Partial<Shape>[] {
  const kept = detail(drawn);
  if (!kept || byWay) return [];
  const bends = kept.bends.map(({ from, to }): Partial<Shape> => ({
    type: 'rect',
    xref: 'x',
    yref: 'paper',
    x0: from / 60,
    x1: to / 60,
    y0: 0,
    y1: 1,
    fillcolor: role('board'),
    line: { width: 0 },
    layer: 'below',
  }));
  const marks = Object.entries(drawn.recording.marks).flatMap(([, seconds]) =>
    seconds.map((second): Partial<Shape> => ({
      type: 'line',
      xref: 'x',
      yref: 'paper',
      x0: second / 60,
      x1: second / 60,
      y0: 0,
      y1: 1,
      line: { color: role('action'), width: 1.4, dash: 'dot' },
    })),
  );
  return [...bends, ...marks];
}

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

/** The four speeds with each wheel's deviation under them, on one axis: a closer look at one is a closer look at all. */
export function linkedPlot(
  shown: readonly Drawn[],
  say: (channel: Channel) => string,
  role: Role,
): { readonly data: Data[]; readonly layout: Partial<Layout> } {
  const byWay = shown.length > 1;
  const wheels = Object.keys(shown[0] ? (detail(shown[0])?.speeds ?? {}) : {}) as Channel[];
  const data = shown.flatMap((drawn): Data[] => {
    const standing = standingIn(drawn);
    const inOrder = wheels.toSorted((a, b) => ORDER.indexOf(standing(a)) - ORDER.indexOf(standing(b)));
    const speeds = inOrder.map((channel): Data => ({
      type: 'scatter',
      mode: 'lines',
      name: say(channel),
      ...line(detail(drawn)?.speeds[channel], byWay),
      line: styled(standing(channel), drawn.isAfter, role),
    }));
    const off = wheels.map((channel, at): Data => ({
      type: 'scatter',
      mode: 'lines',
      name: say(channel),
      ...line(detail(drawn)?.deviations[channel], byWay),
      yaxis: axisName(at + 1),
      line: styled(standing(channel), drawn.isAfter, role),
    }));
    return [...speeds, ...off];
  });
  const axis = { gridcolor: role('line'), linecolor: role('ink'), zerolinecolor: role('line') };
  const layout = {
    margin: { l: 74, r: 10, t: 26, b: 44 },
    xaxis: { ...axis, title: { text: byWay ? texts.kilometres : texts.minutes }, anchor: axisName(wheels.length) },
    yaxis: { ...axis, domain: [SPEEDS_FROM + GAP, 1], rangemode: 'tozero', fixedrange: true },
    ...deviationAxes(wheels, say, axis),
    shapes: shown.flatMap((drawn) => shading(drawn, byWay, role)),
    annotations: shown.flatMap((drawn) => markNames(drawn, byWay) ?? []),
  } as Partial<Layout>;
  return { data, layout };
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
