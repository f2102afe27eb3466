import { PLAIN_VALUES, type Laid, type SpecSheet } from './sheet';

/** What nobody has read of the brake that it is to be used for. */
const UNREAD: Laid = { origin: 'shop', tag: 'M' };

const unread = <Value extends Laid>(value: Value): Value =>
  value.origin === 'shop' ? value : { ...value, ...UNREAD };

/**
 * A sheet begun from another brake's. What that one's maker lays down nobody has read of this brake: it is from memory, and so passes
 * nothing, till it is said of each value that its own sheet gives it. Its fluid and what goes on its pistons are asked for anew, as the
 * wrong one ruins the seals, and so are the ways its maker judges pads by; what the shop holds to be usual is so of both. Title and source are empty. Our choice [D].
 */
export function adapted(sheet: SpecSheet): SpecSheet {
  const { brake, rotor, pads, torque } = sheet;
  const { total, friction } = pads.limits;
  const valueOf = (path: string): unknown =>
    path
      .split('.')
      .reduce<unknown>((held, key) => (held as Record<string, unknown> | null)?.[key], sheet);
  const plain = PLAIN_VALUES.filter((path) => (valueOf(path) ?? null) !== null);
  return {
    ...sheet,
    title: '',
    source: '',
    brake: { ...brake, pistonLubricant: null },
    rotor: { ...rotor, limit: rotor.limit && unread(rotor.limit) },
    pads: {
      ...pads,
      schools: [],
      limits: {
        ...(total ? { total: unread(total) } : {}),
        ...(friction ? { friction: unread(friction) } : {}),
      },
    },
    torque: torque.map((row) => ({ ...row, window: unread(row.window) })),
    fluid: null,
    origins: Object.fromEntries(
      plain.map((path) => [path, unread(sheet.origins[path] ?? { origin: 'sheet', tag: null })]),
    ),
  };
}
