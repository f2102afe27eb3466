import { parseArgs } from 'node:util';
import { besiege } from '@hold-fast/core/adversary/adversary';

// Plays histories of a hurried workshop against core's rules: npm run adversary -- --histories 100000 --seed N

const { values } = parseArgs({
  options: {
    histories: { type: 'string', default: '10000' },
    seed: { type: 'string', default: String(Date.now() % 1_000_000) },
  },
});
const began = performance.now();
const { played, broken } = besiege(Number(values.histories), Number(values.seed));
const seconds = Math.round((performance.now() - began) / 1000);
console.log(`Seed ${values.seed}: ${played.toLocaleString('en')} histories in ${seconds} s`);
if (broken) {
  console.log(
    `Broken: ${broken.what}, ${broken.subject ?? 'the bike'}${broken.by ? `, by ${broken.by}` : ''}`,
  );
  console.log(`On the brake of seed ${broken.seed}, at the shortest:`);
  for (const { does, seed } of broken.deeds) console.log(`  ${does} ${seed}`);
} else
  console.log(
    'None bettered what stood without an answer; none ended signed over what is truly wrong',
  );
process.exitCode = broken ? 1 : 0;
