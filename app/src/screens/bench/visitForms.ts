// One chunk for all that asks about a visit: it brings the form and schema libraries, which nothing else needs.
export { CheckIn } from './CheckIn';
export { EditJob } from './EditJob';
