const fc = require('fast-check');

// A check says the same of the same code every time it is run; another seed explores further:
// PROPERTY_SEED=$RANDOM npx jest core
fc.configureGlobal({ seed: Number(process.env.PROPERTY_SEED ?? 1) });
