import { caseFileName, writeCaseFile } from '../../../core/casefile/write';
import type { Unsaved } from '../../storage/patience';
import type { JobRecord } from '../../storage/records';
import { rescue } from '../../storage/rescue';
import { saveText } from '../saveText';
import { texts } from '#words/shared/trouble';

/** A job as it would be had all of its changes been kept. */
export function withUnsaved(job: JobRecord, unsaved: readonly Unsaved[]): JobRecord {
  return unsaved.filter((entry) => entry.job === job.id).reduce((made, { change }) => change(made), job);
}

/** Hands the open job over as a file, with what could not be stored. @returns what to say. */
export function saveJob(job: JobRecord, unsaved: readonly Unsaved[], now: string): string {
  const { file, title } = withUnsaved(job, unsaved);
  saveText(caseFileName(`${file.vehicle.name ?? ''} ${title}`, now.slice(0, 10)), writeCaseFile(file));
  return texts.theJobIsSaved;
}

/** Hands all that can still be read over as a file. @returns what to say. */
export async function saveEverything(now: string): Promise<string> {
  try {
    saveText(`zelf-rescue-${now.slice(0, 10)}.json`, JSON.stringify(await rescue(), null, 1));
    return texts.everythingThatCouldBe;
  } catch (error) {
    const why = error instanceof Error ? error.message : texts.noReasonGiven;
    return texts.nothingCouldBeRead(why);
  }
}
