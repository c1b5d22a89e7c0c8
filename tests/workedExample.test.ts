import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { assess } from '../core/judgement/assess';
import type { Cause } from '../core/knowledge/faults';
import { gatherEvidence, viewOf } from '../core/evidence/groups';
import { channelHypotheses } from '../core/belief/hypotheses';
import { timelineOf } from '../core/evidence/timeline';
import { readCaseFile } from '../core/casefile/read';
import { chanceOf } from './support/caseBuilder';

/** The worked example of docs/adviser.md, computed again. */
const page = readFileSync(new URL('../docs/adviser.md', import.meta.url), 'utf8');
const example = page.slice(page.indexOf('## A worked example'), page.indexOf('## How fast'));
const read = readCaseFile(/```json\n([\s\S]*?)```/.exec(example)?.[1] ?? '');
if (!read.ok) throw new Error(read.problems[0]?.message);
const file = read.value;
const rows = example
  .split('\n')
  .filter((word) => /^\| (front|[a-z]+-)/.test(word))
  .map((word) =>
    word
      .split('|')
      .slice(1, -1)
      .map((cell) => cell.trim()),
  );

describe('the worked example', () => {
  const { groups } = gatherEvidence(timelineOf(file));
  const ways = channelHypotheses('front-left', 'passive', {
    channels: file.vehicle.channels,
    history: [],
    boundaries: [],
    proven: [],
  }).ways;
  const topics = ['code-named', 'code-failure', 'code-mixed', 'code-status', 'sensor-resistance'];

  test.each(rows.filter((row) => row.length === 7))('odds and likelihoods of %s', (cause, odds, ...likelihoods) => {
    expect(ways.find((way) => way.faults[0]?.join() === cause)?.odds).toBeCloseTo(Number(odds), 5);
    const found = topics.map((topic) => {
      const group = groups.find((group) => group.channel === 'front-left' && group.topic === topic);
      const view = group && viewOf(group, 'passive');
      return view?.likelihood(view.concerned([cause as Cause])).toFixed(4);
    });
    expect(found).toEqual(likelihoods);
  });

  test.each(rows.filter((row) => row.length === 3))('%s %s with %s', (channel, fault, probability) =>
    expect(chanceOf(assess(file), fault ?? '', channel ?? null).toFixed(3)).toBe(probability),
  );

  test('both tables were read', () => expect(rows.map((row) => row.length)).toEqual([7, 7, 7, 3, 3, 3]));
});
