// Who may do what is asked on every screen: it stands apart from what people send of themselves, and brings no schema with it.

export const ROLES = ['owner', 'lead', 'mechanic', 'counter'] as const;
export type Role = (typeof ROLES)[number];

/** Roles that measure and sign: the counter checks in, quotes and hands over, and neither measures, signs nor accepts [D]. */
export const BENCH: readonly Role[] = ['owner', 'lead', 'mechanic'];

/** Roles that may accept what was not proven. */
export const LEADS: readonly Role[] = ['owner', 'lead'];
export const isLead = ({ role }: { role: Role }): boolean => LEADS.includes(role);

/** Customers' phone numbers are for those who ring them [D]. */
export const RINGS: readonly Role[] = ['owner', 'lead', 'counter'];
export const seesPhoneNumbers = ({ role }: { role: Role }): boolean => RINGS.includes(role);

/** Whose accounts a role looks after [D]: the owner everybody’s, a lead those of mechanics and counter. */
export const LOOKS_AFTER: Readonly<Record<Role, readonly Role[]>> = {
  owner: ROLES,
  lead: ['mechanic', 'counter'],
  mechanic: [],
  counter: [],
};
