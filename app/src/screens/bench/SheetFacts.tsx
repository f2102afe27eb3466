import type { PLAIN_VALUES, SheetRevision } from '@hold-fast/core/sheet/sheet';
import { nameOf } from '@hold-fast/core/fluid/families';
import type { Origin, Tag } from '@hold-fast/core/source';
import { StyleSheet, View } from 'react-native';
import { Section } from '../../ui/Page';
import { color, size, space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { words } from '../../words/words';

type Plain = (typeof PLAIN_VALUES)[number];

/** What a sheet says, each value with who laid it down; `whole` also names what the bench seldom asks for. */
export function SheetFacts({ sheet, whole = false }: { sheet: SheetRevision; whole?: boolean }) {
  const { brake, rotor, pads, lever, hose, torque, fluid, source, origins } = sheet.body;
  const plain = (name: string, path: Plain, value: number | null, unit = 'mm', decimals = 2) =>
    value === null && !whole ? null : (
      <Fact
        name={name}
        value={value === null ? 'not known' : `${value.toFixed(decimals)} ${unit}`.trim()}
        from={value === null ? null : (origins[path] ?? { origin: 'sheet', tag: null })}
      />
    );
  const said = (name: string, value: string | false) =>
    value && whole ? <Fact name={name} value={value} from={null} /> : null;
  return (
    <Section label={`Spec sheet, revision ${sheet.revision}`}>
      <Words ink="soft">{source}</Words>
      {said(
        'Brake',
        `${words.actuation[brake.actuation]}, ${words.mount[brake.mount]}, ${brake.pistons === 1 ? '1 piston' : `${brake.pistons} pistons`}${brake.sides ? `, ${brake.sides}` : ''}`,
      )}
      {said('Bleed port', brake.port)}
      {plain('Rotor, new', 'rotor.newMm', rotor.newMm)}
      <Fact
        name="Rotor limit"
        value={rotor.limit ? `${rotor.limit.limitMm.toFixed(2)} mm` : 'not known'}
        from={rotor.limit}
      />
      {plain('Rotor size', 'rotor.sizeMm', rotor.sizeMm, 'mm', 0)}
      {rotor.organicOnly ? <Fact name="Rotor takes" value="organic pads only" from={null} /> : null}
      {plain('Pad and plate, new', 'pads.newTotalMm', pads.newTotalMm)}
      {plain(
        pads.plateAssumed ? 'Backing plate, assumed' : 'Backing plate',
        'pads.plateMm',
        pads.plateMm,
      )}
      {said('Pad shape', [pads.shape, pads.finned && 'finned'].filter(Boolean).join(', '))}
      {said('Pads come as', pads.compounds.map((compound) => words.compound[compound]).join(', '))}
      {whole && brake.actuation !== 'cable' ? (
        <>
          {plain('Lever ratio', 'lever.ratio', lever.ratio, '', 1)}
          {plain('Master bore', 'lever.boreMm', lever.boreMm, 'mm', 1)}
          {plain('A sound brake’s own give', 'lever.ownGiveMl', lever.ownGiveMl, 'mL')}
          {plain('Hose bore', 'hose.boreMm', hose?.boreMm ?? null, 'mm', 1)}
          {plain('Caliper and lever hold', 'hose.kitMl', hose?.kitMl ?? null, 'mL', 1)}
          {said('Barb and olive', [hose?.barb, hose?.olive].filter(Boolean).join(', '))}
        </>
      ) : null}
      {torque.map((row) => (
        <Fact
          key={row.fastener}
          name={`${capital(words.fastener[row.fastener])}, ${row.drive}`}
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
      {said('Fluid also named', fluid?.alsoNamedBlends.join(', ') ?? '')}
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
