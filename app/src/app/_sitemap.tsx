// The router draws a list of all routes at this address unless it is ours.
export { default } from './+not-found';
