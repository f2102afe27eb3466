export type Actuation = 'hydraulic' | 'cable' | 'cable-pulled-hydraulic';
