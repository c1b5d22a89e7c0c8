import { runWords } from './runWords';

process.exitCode = await runWords(process.argv.slice(2), {
  line: (value) => process.stdout.write(`${JSON.stringify(value)}\n`),
  problem: (message) => process.stderr.write(`${message.replace(/\s*\n\s*/g, ' ')}\n`),
});
