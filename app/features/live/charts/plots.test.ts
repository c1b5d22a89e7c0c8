import { describe, expect, test } from 'vitest';
import { simulated } from '../../../../tests/support/simulatedLog';
import type { LogCurves } from '../../../../core/livelog/curves';
import { readLogBlob, type LogAnswer } from '../../../workers/readLogBlob';
import type { Recording } from '../useRecordings';
import { linkedPanels, pictureOf } from './plots';

const file = (seconds: number): Blob =>
  new Blob([
    simulated({
      seed: 3,
      seconds,
      hertz: 10,
      step: 0.1,
      isPolled: false,
      wrong: [{ channel: 'rear-left', kind: 'drops', size: 0.2 }],
    }),
  ]);
const help = { mapping: null, turnM: 1.95, marks: { bump: [12] } };

async function read(seconds: number): Promise<{ answer: LogAnswer; heard: string[]; early: LogCurves[] }> {
  const heard: string[] = [];
  const early: LogCurves[] = [];
  const answer = await readLogBlob(file(seconds), help, {
    share: (part) => heard.push(`share ${part}`),
    curves: (curves) => {
      heard.push('curves');
      early.push(curves);
    },
  });
  return { answer, heard, early };
}

const recording = (answer: LogAnswer): Recording => ({
  name: 'a.csv',
  file: new Blob(),
  marks: help.marks,
  answer,
  isJudging: false,
  used: new Set(),
});
const telling = { say: (channel: string) => channel.replace('-', ' '), role: (name: string) => name };

describe('charts of a recording', () => {
  test('its curves are told before it is judged, and stay the same', async () => {
    const { answer, heard, early } = await read(40);
    expect(heard).toEqual(['share 1', 'curves']);
    expect(answer.detail?.speeds).toEqual(early[0]?.speeds);
    expect(answer.report?.findings.map(({ finding }) => finding)).toContain('drops-out');
  });
  test('speeds and each wheel beside them show the same stretch; marks and bends stand in all of them', async () => {
    const { answer } = await read(40);
    const panels = linkedPanels([{ recording: recording(answer), isAfter: false }], telling);
    expect(panels.map(({ key }) => key)).toEqual(['speeds', 'front-left', 'front-right', 'rear-left', 'rear-right']);
    const ranges = new Set(panels.map(({ layout }) => layout.xaxis?.range?.join()));
    expect([...ranges]).toEqual([`0,${(answer.detail?.speeds['front-left']?.seconds.at(-1) ?? 0) / 60}`]);
    expect(new Set(panels.map(({ layout }) => layout.shapes?.length)).size).toBe(1);
    const paths = panels[0]?.layout.shapes?.map(({ path }) => path ?? '') ?? [];
    expect(paths.at(-1)).toBe('M0.2,0V1');
    expect(paths.length).toBe(1 + Math.min(1, answer.detail?.bends.length ?? 0));
    expect(paths.length > 1 ? paths[0]?.match(/M/g) : []).toHaveLength(answer.detail?.bends.length ?? 0);
    expect(panels[0]?.layout.annotations?.[0]).toMatchObject({ x: 0.2 });
  });
  test('the wheel with the finding is drawn last and in the colour of faults', async () => {
    const { answer } = await read(40);
    const [speeds] = linkedPanels([{ recording: recording(answer), isAfter: false }], telling);
    expect(speeds?.data.at(-1)).toMatchObject({ name: 'rear left', line: { color: 'fault' } });
    expect(speeds?.data[0]).toMatchObject({ line: { color: 'question' } });
  });
  test('two drives lie over each other by the way that was driven, the longer one whole', async () => {
    const [before, after] = [await read(40), await read(60)];
    const [speeds] = linkedPanels(
      [
        { recording: recording(before.answer), isAfter: false },
        { recording: recording(after.answer), isAfter: true },
      ],
      telling,
    );
    const last = after.answer.detail?.speeds['front-left']?.kilometres.at(-1) ?? 0;
    expect(speeds?.layout.xaxis?.range?.[1]).toBeCloseTo(last, 6);
    expect(speeds?.layout.shapes).toEqual([]);
    expect(speeds?.data).toHaveLength(8);
  });
  test('as one picture each panel keeps its own share of the height, none over another', async () => {
    const { answer } = await read(40);
    const panels = linkedPanels([{ recording: recording(answer), isAfter: false }], telling);
    const { data, layout, height } = pictureOf(panels);
    expect(height).toBe(panels.reduce((sum, panel) => sum + panel.height, 0));
    expect(data.map((curve) => (curve as { yaxis: string }).yaxis)).toEqual([
      'y',
      'y',
      'y',
      'y',
      'y2',
      'y3',
      'y4',
      'y5',
    ]);
    const domains = ['yaxis', 'yaxis2', 'yaxis3', 'yaxis4', 'yaxis5'].map(
      (name) => (layout as Record<string, { domain: [number, number] }>)[name]?.domain ?? [0, 0],
    );
    domains.slice(1).forEach(([, top], at) => expect(top).toBeLessThan(domains[at]?.[0] ?? 0));
    expect(domains.at(-1)?.[0]).toBeGreaterThanOrEqual(0);
    expect(layout.xaxis).toMatchObject({ anchor: 'y5' });
  });
});
