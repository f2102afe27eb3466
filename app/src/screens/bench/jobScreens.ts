// One chunk for a job, all its steps and the calculators that are asked at them: what they share would else land in what every
// page loads first.
export { EndScreen } from './EndScreen';
export { Found } from './Found';
export { JobSheet } from './JobSheet';
export { PlanScreen } from './plan/PlanScreen';
export { StepFace } from './plan/StepFace';
export { SignOff } from './SignOff';
export { AirReckoner } from '../reckoner/AirReckoner';
export { AlignReckoner } from '../reckoner/AlignReckoner';
export { CableReckoner } from '../reckoner/CableReckoner';
export { FaceReckoner } from '../reckoner/FaceReckoner';
export { FitReckoner } from '../reckoner/FitReckoner';
export { FluidReckoner } from '../reckoner/FluidReckoner';
export { HoseReckoner } from '../reckoner/HoseReckoner';
export { Reckoner } from '../reckoner/Reckoner';
export { LeversReckoner } from '../reckoner/LeversReckoner';
export { LifeReckoner } from '../reckoner/LifeReckoner';
export { ThreadReckoner } from '../reckoner/ThreadReckoner';
export { WashersReckoner } from '../reckoner/WashersReckoner';
export { WearReckoner } from '../reckoner/WearReckoner';
export { WrenchReckoner } from '../reckoner/WrenchReckoner';
export { TroubleReckoner } from '../reckoner/TroubleReckoner';
export { ShareReckoner } from '../reckoner/ShareReckoner';
export { StopsReckoner } from '../reckoner/StopsReckoner';
export { HeatReckoner } from '../reckoner/HeatReckoner';
export { PracticeCase } from '../practice/PracticeCase';
export { PracticeList } from '../practice/PracticeList';
