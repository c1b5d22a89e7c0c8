import { LAWS, problemsIn } from '../tests/laws/all';

/** Prints how often each law of good sense holds, and the situations in which it does not. */
let [all, held] = [0, 0];
const broken: string[] = [];
console.log('| law | | holds in | of |');
console.log('|---:|---|---:|---:|');
for (const law of LAWS) {
  const failing = law.situations.flatMap((situation) => {
    const problems = problemsIn(situation);
    return problems.length > 0 ? [`${law.number}. ${situation.name}: ${problems.join('; ')}`] : [];
  });
  broken.push(...failing);
  all += law.situations.length;
  held += law.situations.length - failing.length;
  console.log(`| ${law.number} | ${law.name} | ${law.situations.length - failing.length} | ${law.situations.length} |`);
}
console.log(`| | all | ${held} | ${all} |`);
for (const line of broken) console.log(line);
