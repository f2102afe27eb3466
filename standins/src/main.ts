import { StandinGauge } from './gauge';

// The two gauges and the wrench of the demo shop that are on the feed. They end with whoever started them.

const port = Number(process.argv[2]);
if (!Number.isInteger(port) || port < 1) {
  console.error('Say which port the feed listens on: standins/src/main.ts 4151');
  process.exit(1);
}
const gauges = [
  new StandinGauge('thickness-gauge', 'TG-0107', port),
  new StandinGauge('dial-indicator', 'DI-0042', port),
  new StandinGauge('torque-wrench', 'TW-0311', port),
];
for (const gauge of gauges) gauge.start();

const end = () => {
  for (const gauge of gauges) gauge.stop();
  setTimeout(() => process.exit(0), 100);
};
process.on('disconnect', end);
// They went while this was being read in: nobody tells it any more.
if (process.connected === false) end();
process.on('SIGTERM', end);
// Ctrl-C reaches the whole group: the shop closes first and takes its stand-ins with it.
process.on('SIGINT', () => {});
