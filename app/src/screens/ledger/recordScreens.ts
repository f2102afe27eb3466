// One chunk for what shows sealed records: they are laid out alike, and what lays them out would else land in what every page loads.
export { RecordSheet } from './RecordSheet';
export { PassportSheet } from './PassportSheet';
