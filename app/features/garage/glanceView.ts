import type { FullAssessment } from '../../../core/judgement/assess';
import { SEGMENT_NAMES } from '../../../core/knowledge/names';
import { proofView } from '../../../core/proof/proofView';
import { describeRepair, type Speech } from '../../../core/report/describe';
import type { Channel } from '../../../core/casefile/words';
import { nextMoveView } from '../../shared/nextMove/moveView';
import { percent } from '../../../core/words/percent';
import { cornersOf, type CornerView } from '../../shared/plan/planView';
import type { JobRecord } from '../../storage/garageStorage';
import type { Glance } from './blankGlance';
import { texts } from '#words/screens/garage';
import { inSentence } from '#words/language';

type Outstanding = Pick<Glance, 'where' | 'state' | 'word'>;
const NOWHERE: Outstanding = { where: '', state: 'not-checked', word: '' };

/** The likeliest segment of the corner that stands out. */
function outstanding({ parts }: FullAssessment, corner: CornerView): Outstanding {
  if (corner.state !== 'suspect' && corner.state !== 'at-fault') return NOWHERE;
  const [first] = parts
    .filter(({ channel }) => channel === corner.channel)
    .toSorted((a, b) => b.probability - a.probability);
  const state = first?.state === 'at-fault' || first?.state === 'suspect' ? first.state : corner.state;
  const name = first && first.state === state ? inSentence(SEGMENT_NAMES[first.segment]) : '';
  const where = inSentence(corner.name);
  const share = percent(name === '' ? corner.probability : (first?.probability ?? 0));
  return { where, state, word: state === 'at-fault' ? texts.segmentAtFault(name) : texts.segmentSuspect(name, share) };
}

/**
 * A job at a glance.
 * @param job the job. @param assessment what the adviser makes of it; null while nobody knows. @param speech how sides and units are said.
 */
export function glanceOf({ file, subject }: JobRecord, assessment: FullAssessment | null, speech: Speech): Glance {
  const corners = cornersOf(file, assessment, speech.sides);
  const worst = corners.toSorted((a, b) => b.probability - a.probability)[0];
  const repair = (file.repairs ?? []).findLast(({ result }) => result !== 'no-change');
  const found = assessment && worst ? outstanding(assessment, worst) : NOWHERE;
  const mended: Outstanding | null =
    found === NOWHERE && repair
      ? { where: '', state: 'checked-good', word: describeRepair(repair, file, speech) }
      : null;
  const proof = repair && assessment ? proofView(file, assessment.ranking, assessment.repairDoubt) : null;
  return {
    corners,
    subject: repair?.channel ?? worst?.channel ?? (subject as Channel | null) ?? 'front-left',
    ...(mended ?? found),
    move: nextMoveView(assessment, file, speech.sides),
    watch: proof?.tripsNeeded ? { clean: proof.trips, needed: proof.trips + proof.tripsNeeded } : null,
  };
}
