import type { SheetRevision } from '@hold-fast/contract/sheets';
import { nameOf } from '@hold-fast/core/fluid/families';
import type { Origin, Tag } from '@hold-fast/core/source';
import { StyleSheet, View } from 'react-native';
import { Section } from '../../ui/Page';
import { color, size, space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { words } from '../../words/words';

/** What a sheet says, each value with who laid it down. */
export function SheetFacts({ sheet }: { sheet: SheetRevision }) {
  const { rotor, pads, torque, fluid, source } = sheet.body;
  const mm = (value: number | null) => (value === null ? 'not known' : `${value.toFixed(2)} mm`);
  return (
    <Section label={`Spec sheet, revision ${sheet.revision}`}>
      <Words ink="soft">{source}</Words>
      <Fact name="Rotor, new" value={mm(rotor.newMm)} from={null} />
      <Fact
        name="Rotor limit"
        value={rotor.limit ? mm(rotor.limit.limitMm) : 'not known'}
        from={rotor.limit}
      />
      <Fact name="Pad and plate, new" value={mm(pads.newTotalMm)} from={null} />
      <Fact
        name="Backing plate"
        value={`${mm(pads.plateMm)}${pads.plateAssumed ? ', assumed' : ''}`}
        from={null}
      />
      {torque.map((row) => (
        <Fact
          key={row.fastener}
          name={row.fastener === 'rotor-lockring' ? 'Rotor lockring' : `Rotor bolts, ${row.drive}`}
          value={
            row.window.namedNm === null
              ? `${words.format.nm(row.window.loNm)} to ${words.format.nm(row.window.hiNm)} N·m`
              : `${words.format.nm(row.window.namedNm)} N·m`
          }
          from={row.window}
          also={row.window.namedNm === null ? undefined : 'one value; ±10 % is our choice'}
        />
      ))}
      <Fact name="Fluid" value={fluid ? nameOf(fluid.fluid) : 'none asked'} from={fluid} />
    </Section>
  );
}

interface FactProps {
  name: string;
  value: string;
  from: { origin: Origin; tag: Tag | null } | null;
  also?: string | undefined;
}

function Fact({ name, value, from, also }: FactProps) {
  const origin =
    from &&
    `${words.origin[from.origin]}${also ? `: ${also}` : from.tag ? `, ${words.tag[from.tag]}` : ''}`;
  return (
    <View style={styles.fact}>
      <Words style={styles.name}>{name}</Words>
      <View style={styles.value}>
        <Words kind="smallReading">{value}</Words>
        {origin ? <Words kind="small">{origin}</Words> : null}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  fact: {
    flexDirection: 'row',
    gap: space.m,
    paddingVertical: space.xs,
    borderTopWidth: size.line,
    borderColor: color.hairline,
  },
  name: { flex: 1 },
  value: { alignItems: 'flex-end', flexShrink: 1 },
});
