// One chunk for what is worked with at the Bench: the form and schema libraries, the fold of a job and its words come when the first of these
// screens does, or before it, while the Bench stands.
export { BillSheet } from './bench/job/BillSheet';
export { CheckIn } from './bench/checkIn/CheckIn';
export { EditJob } from './bench/checkIn/EditJob';
export { EndScreen } from './bench/EndScreen';
export { Found } from './bench/inspect/Found';
export { JobSheet } from './bench/job/JobSheet';
export { NeedsYou } from './bench/NeedsYou';
export { PlanScreen } from './bench/plan/PlanScreen';
export { StepFace } from './bench/plan/StepFace';
export { SignOff } from './bench/signOff/SignOff';
export { Trail } from './bench/job/Trail';
export { DayBench } from './day/DayBench';
