import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../tests/support/caseBuilder';
import { posteriorOf } from '../belief/posterior';
import { hasReader, readsReach } from './readerReach';

const ABS: Loose = { kind: 'code', code: 'C0031-13', status: 'current', module: 'abs' };
const NONE: Loose = { kind: 'no-code', module: 'abs' };
const SILENT: Loose = { kind: 'no-answer', module: 'abs' };
const ENGINE: Loose = { kind: 'code', code: 'P0500', status: 'stored', module: 'engine' };
const LAMPS: Loose = { kind: 'lamps', lit: ['abs'] };
const FLASHED: Loose = { kind: 'code', code: '25', status: 'stored' };

describe('whether a reader reaches the brake module', () => {
  test.each<[string, Loose[], readsSpeeds: boolean, erases: boolean]>([
    ['nothing was tried', [], false, true],
    ['only lamps were seen', [LAMPS], false, true],
    ['it gave a code', [ABS], true, true],
    ['a code without its module is taken for the brakes’', [{ ...ABS, module: undefined }], true, true],
    ['it had no codes', [NONE], true, true],
    ['it gave no answer', [SILENT], false, false],
    ['it answered once, then no more', [ABS, SILENT], false, false],
    ['it gave no answer at first, then a code', [SILENT, ABS], true, true],
    ['another module answered after it had not', [SILENT, ENGINE], false, false],
    ['only another module answered', [ENGINE], false, true],
    ['its lamp flashed a code, which no reader read', [FLASHED], false, true],
    ['a lamp seen later tells nothing of it', [ABS, LAMPS], true, true],
  ])('%s', (_name, seen, readsSpeeds, erases) => {
    const posterior = posteriorOf(caseOf(car('passive'), seen));
    expect([readsReach(posterior), hasReader(posterior)]).toEqual([readsSpeeds, erases]);
  });
});
