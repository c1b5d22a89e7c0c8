import { shallowReactive } from 'vue';
import type { Problem } from '../../../core/casefile/problem';
import { useGarage } from '../../stores/garage';

/** A file on its way into the garage. */
export interface Import {
  readonly name: string;
  /** The share that has been read, 0 to 1. */
  share: number;
  /** The job it became. */
  job: string | null;
  problems: readonly Problem[];
  readonly cancel: () => void;
}

/** Files that were chosen or dropped, one after the other: a bad one does not keep the others out. */
export function useImports() {
  const garage = useGarage();
  const imports = shallowReactive<Import[]>([]);

  async function takeIn(file: File): Promise<string | null> {
    const over = new AbortController();
    const problem = shallowReactive<Import>({
      name: file.name,
      share: 0,
      job: null,
      problems: [],
      cancel: () => over.abort(),
    });
    imports.push(problem);
    const result = await garage.importFile(file, (share) => (problem.share = share), over.signal);
    Object.assign(problem, result.ok ? { share: 1, job: result.value } : { share: 1, problems: result.problems });
    return result.ok ? result.value : null;
  }

  /** Takes files in. @returns the job to open, when there was one file and it became one. */
  async function takeAllIn(files: readonly File[]): Promise<string | null> {
    imports.splice(0);
    const jobs: (string | null)[] = [];
    for (const file of files) jobs.push(await takeIn(file));
    return jobs.length === 1 ? (jobs[0] ?? null) : null;
  }

  return { imports, takeAllIn };
}
