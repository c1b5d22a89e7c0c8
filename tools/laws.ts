import { LAWS, problemsIn } from '../tests/laws/all';

/** Prints how often each law of good sense holds, and the situations in which it does not; `1/8` puts every eighth situation only. */
const [share = 1, shares = 1] = (process.argv[2] ?? '1/1').split('/').map(Number);
let [all, held] = [0, 0];
const broken: string[] = [];
console.log('| law | | holds in | of |');
console.log('|---:|---|---:|---:|');
for (const law of LAWS) {
  const put = law.situations.filter((_situation, at) => at % (shares || 1) === (share || 1) - 1);
  const failing = put.flatMap((situation) => {
    const problems = problemsIn(situation);
    return problems.length > 0 ? [`${law.number}. ${situation.name}: ${problems.join('; ')}`] : [];
  });
  broken.push(...failing);
  all += put.length;
  held += put.length - failing.length;
  console.log(`| ${law.number} | ${law.name} | ${put.length - failing.length} | ${put.length} |`);
}
console.log(`| | all | ${held} | ${all} |`);
for (const line of broken) console.log(line);
