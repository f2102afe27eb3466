// One chunk for a job and all its steps: what they share would else land in what every page loads first.
export { FitPart } from './FitPart';
export { Found } from './Found';
export { Identify } from './Identify';
export { JobSheet } from './JobSheet';
export { KitSheet } from './KitSheet';
export { LookOver } from './LookOver';
export { FeelGaps } from './measuring/FeelGaps';
export { MeasureFace } from './measuring/MeasureFace';
export { MeasureLever } from './measuring/MeasureLever';
export { MeasurePads } from './measuring/MeasurePads';
export { MeasureRotor } from './measuring/MeasureRotor';
export { MeasureRunout } from './measuring/MeasureRunout';
export { PlanScreen } from './plan/PlanScreen';
export { StepFace } from './plan/StepFace';
export { RecordFluid } from './RecordFluid';
export { RotorBolts } from './RotorBolts';
export { SignOff } from './SignOff';
