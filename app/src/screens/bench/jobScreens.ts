// One chunk for a job and all its steps: what they share would else land in what every page loads first.
export { EndScreen } from './EndScreen';
export { Found } from './Found';
export { JobSheet } from './JobSheet';
export { PlanScreen } from './plan/PlanScreen';
export { StepFace } from './plan/StepFace';
export { SignOff } from './SignOff';
