/** What is measured at one end of a bike, each in a sitting of its own; everything known of each is in a file of its name. */
export const MEASURANDS = ['rotor', 'pads', 'runout', 'clearance', 'lever', 'mount-face'] as const;
export type Measurand = (typeof MEASURANDS)[number];
