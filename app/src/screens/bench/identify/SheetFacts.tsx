import type { PLAIN_VALUES, SheetRevision } from '@hold-fast/core/sheet/sheet';
import { nameOf } from '@hold-fast/core/fluid/families';
import type { Origin, Tag } from '@hold-fast/core/source';
import { StyleSheet, View } from 'react-native';
import { Section } from '../../../ui/Page';
import { color, size, space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { capital } from '../../../words/capital';
import { verdictWords } from '../../../words/verdictWords';
import { words } from '../../../words/words';
import { storesWords } from '../../../words/stores';

type Plain = (typeof PLAIN_VALUES)[number];

/** What a sheet says, each value with who laid it down; `whole` also names what the bench seldom asks for. */
export function SheetFacts({ sheet, whole = false }: { sheet: SheetRevision; whole?: boolean }) {
  const { brake, rotor, pads, lever, hose, torque, fluid, source, origins } = sheet.body;
  const plain = (name: string, path: Plain, value: number | null, unit = 'mm', decimals = 2) =>
    value === null && !whole ? null : (
      <Fact
        name={name}
        value={
          value === null
            ? storesWords.sheetFacts.notKnown
            : `${words.format.fixed(value, decimals)} ${unit}`.trim()
        }
        from={value === null ? null : (origins[path] ?? { origin: 'sheet', tag: null })}
      />
    );
  const said = (name: string, value: string | false) =>
    value && whole ? <Fact name={name} value={value} from={null} /> : null;
  return (
    <Section label={storesWords.sheetFacts.specSheetRevision(sheet.revision)}>
      <Words ink="soft">{source}</Words>
      {said(
        storesWords.sheetFacts.brake,
        `${words.actuation[brake.actuation]}, ${words.mount[brake.mount]}, ${brake.pistons === 1 ? storesWords.sheetFacts.onePiston : storesWords.sheetFacts.pistons(brake.pistons)}${brake.sides ? `, ${words.pushes[brake.sides]}` : ''}`,
      )}
      {said(storesWords.sheetFacts.bleedPort, brake.port)}
      {plain(storesWords.sheetFacts.rotorNew, 'rotor.newMm', rotor.newMm)}
      <Fact
        name={storesWords.sheetFacts.rotorLimit}
        value={
          rotor.limit
            ? storesWords.sheetFacts.mm(words.format.fixed(rotor.limit.limitMm, 2))
            : storesWords.sheetFacts.notKnown
        }
        from={rotor.limit}
      />
      {plain(storesWords.sheetFacts.rotorSize, 'rotor.sizeMm', rotor.sizeMm, 'mm', 0)}
      {rotor.organicOnly ? (
        <Fact
          name={storesWords.sheetFacts.rotorTakes}
          value={storesWords.sheetFacts.organicPadsOnly}
          from={null}
        />
      ) : null}
      {plain(storesWords.sheetFacts.padAndPlateNew, 'pads.newTotalMm', pads.newTotalMm)}
      {plain(
        pads.plateAssumed
          ? storesWords.sheetFacts.backingPlateAssumed
          : storesWords.sheetFacts.backingPlate,
        'pads.plateMm',
        pads.plateMm,
      )}
      {(['total', 'friction'] as const).map((school) => {
        const limit = pads.limits[school];
        return limit ? (
          <Fact
            key={school}
            name={words.school[school]}
            value={storesWords.sheetFacts.mm(words.format.fixed(limit.limitMm, 2))}
            from={limit}
          />
        ) : null;
      })}
      {said(
        storesWords.sheetFacts.padShape,
        [pads.shape, pads.finned && storesWords.sheetFacts.finned].filter(Boolean).join(', '),
      )}
      {said(
        storesWords.sheetFacts.padsComeAs,
        pads.compounds.map((compound) => words.compound[compound]).join(', '),
      )}
      {whole && brake.actuation !== 'cable' ? (
        <>
          {plain(storesWords.sheetFacts.leverRatio, 'lever.ratio', lever.ratio, '', 1)}
          {plain(storesWords.sheetFacts.masterBore, 'lever.boreMm', lever.boreMm, 'mm', 1)}
          {plain(
            storesWords.sheetFacts.aSoundBrakesOwnGive,
            'lever.ownGiveMl',
            lever.ownGiveMl,
            'mL',
          )}
          {plain(storesWords.sheetFacts.hoseBore, 'hose.boreMm', hose?.boreMm ?? null, 'mm', 1)}
          {plain(
            storesWords.sheetFacts.caliperAndLeverHold,
            'hose.kitMl',
            hose?.kitMl ?? null,
            'mL',
            1,
          )}
          {said(
            storesWords.sheetFacts.barbAndOlive,
            [hose?.barb, hose?.olive].filter(Boolean).join(', '),
          )}
        </>
      ) : null}
      {torque.map((row) => (
        <Fact
          key={row.fastener}
          name={`${capital(words.fastener[row.fastener])}, ${row.drive}`}
          value={
            row.window.namedNm === null
              ? verdictWords.torques(row.window.loNm, row.window.hiNm)
              : words.format.torque(row.window.namedNm)
          }
          from={row.window}
          also={row.window.namedNm === null ? undefined : storesWords.sheetFacts.oneValue10IsOur}
        />
      ))}
      <Fact
        name={storesWords.sheetFacts.fluid}
        value={fluid ? nameOf(fluid.fluid) : storesWords.sheetFacts.noneAsked}
        from={fluid}
      />
      {said(storesWords.sheetFacts.fluidAlsoNamed, fluid?.alsoNamedBlends.join(', ') ?? '')}
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
