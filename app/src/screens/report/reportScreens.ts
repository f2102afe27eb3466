// One chunk for a report, whoever reads it: what its screens share would else land in what every page loads first.
export { Label } from './Label';
export { OpenReport } from './OpenReport';
export { ReportOf } from './ReportOf';
