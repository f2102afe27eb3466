import { lastUsableDay } from '@hold-fast/core/fluid/container';
import { nameOf } from '@hold-fast/core/fluid/families';
import { inCalibration } from '@hold-fast/core/gauge/gauge';
import { CALIBRATION_CYCLES, wrenchInCalibration } from '@hold-fast/core/torque/wrench';
import type { ContainerInStore } from '@hold-fast/contract/stores';
import { router } from 'expo-router';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  useContainers,
  useGauges,
  useSheets,
  useStock,
  useWaste,
  useWrenches,
} from '../../data/queries';
import { today } from '../../data/today';
import { useHandWasteOver } from '../../data/writes';
import { calendarDay, exactDay } from '../../words/days';
import { Button } from '../../ui/Button';
import { Page } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { Failed, Loading } from '../../ui/Standing';
import { size, space } from '../../ui/tokens';
import { useWide } from '../../ui/useWide';
import { VerdictMark } from '../../ui/VerdictMark';
import { Words } from '../../ui/Words';
import { words } from '../../words/words';
import { gaugeSays } from '../bench/measuring/ChooseGauge';

/** Fluid, gauges, wrenches and spec sheets, each with whether it may be used day. */
export function Stores() {
  const day = today();
  const wide = useWide();
  const queries = {
    containers: useContainers(),
    gauges: useGauges(),
    wrenches: useWrenches(),
    sheets: useSheets(),
    stock: useStock(),
    waste: useWaste(),
  };
  const handOver = useHandWasteOver();
  const failed = Object.values(queries).find(({ error }) => error);
  if (failed?.error) return <Failed error={failed.error} onRetry={() => void failed.refetch()} />;
  const { containers, gauges, wrenches, sheets, stock, waste } = queries;
  if (!containers.data || !gauges.data || !wrenches.data || !sheets.data) return <Loading />;
  if (!stock.data || !waste.data) return <Loading />;

  return (
    <Page
      title={words.places.stores}
      over="What the bench works with"
      aside={
        <Button
          kind="quiet"
          says="Shop rules"
          onPress={() => router.navigate('/stores/rules' as '/stores')}
        />
      }
    >
      <View style={wide && styles.beside}>
        <Shelf label="Fluid" actions={[{ says: 'New', to: '/stores/containers/new' }]}>
          {containers.data.map((container) => {
            const fault = faultOf(container, day);
            return (
              <Row
                key={container.id}
                mark={<VerdictMark word={fault ? 'replace' : 'holds'} of={size.smallMark} />}
                title={`${container.label}, ${nameOf(container.fluid)}`}
                says={`${words.family[container.fluid.family]} · lot ${container.lot} · ${fault ?? lastsSays(container)}`}
                aside={<Words kind="smallReading">{`${container.remainingMl} mL`}</Words>}
                onPress={() => router.navigate(`/stores/containers/${container.id}` as '/stores')}
              />
            );
          })}
          {waste.data.map(({ family, ml, handedOverAt }) => (
            <Row
              key={family}
              title={`Waste can, ${words.family[family]}`}
              says={
                handedOverAt
                  ? `last handed over ${exactDay(handedOverAt)}`
                  : 'never handed over for recycling yet'
              }
              aside={
                <View style={styles.waste}>
                  <Words kind="smallReading">{`${ml} mL`}</Words>
                  <Button
                    kind="quiet"
                    says="Handed over"
                    label={`Waste of ${words.family[family]} was handed over`}
                    disabled={ml === 0 || handOver.isPending}
                    onPress={() => handOver.mutate({ family })}
                  />
                </View>
              }
            />
          ))}
        </Shelf>
        <Shelf
          label="Gauges"
          actions={[
            { says: 'Gauge feed', to: '/stores/feed' },
            { says: 'Register', to: '/stores/gauges/new' },
          ]}
        >
          {gauges.data.map((gauge) => {
            const sound = !gauge.retired && inCalibration(gauge.calibrationDueOn, day);
            return (
              <Row
                key={gauge.id}
                mark={<VerdictMark word={sound ? 'holds' : 'unproven'} of={size.smallMark} />}
                title={gauge.name}
                says={gauge.retired ? 'retired' : gaugeSays(gauge, day)}
                aside={<Words kind="smallReading">{`±${gauge.uncertaintyMm.toFixed(2)}`}</Words>}
                onPress={() => router.navigate(`/stores/gauges/${gauge.id}` as '/stores')}
              />
            );
          })}
        </Shelf>
        <Shelf label="Parts" actions={[{ says: 'New', to: '/stores/stock/new' }]}>
          {stock.data.map((line) => (
            <Row
              key={line.id}
              mark={
                <VerdictMark
                  word={line.count <= line.reorderAt ? 'watch' : 'holds'}
                  of={size.smallMark}
                />
              }
              title={line.description}
              says={`${line.fits || 'fits all'}${line.count <= line.reorderAt ? ' · order more' : ''}`}
              aside={<Words kind="smallReading">{`${line.count}`}</Words>}
              onPress={() => router.navigate(`/stores/stock/${line.id}` as '/stores')}
            />
          ))}
        </Shelf>
        <Shelf label="Torque wrenches" actions={[{ says: 'Register', to: '/stores/wrenches/new' }]}>
          {wrenches.data.map((wrench) => {
            const sound = !wrench.retired && wrenchInCalibration(wrench, day);
            return (
              <Row
                key={wrench.id}
                mark={<VerdictMark word={sound ? 'holds' : 'unproven'} of={size.smallMark} />}
                title={wrench.name}
                says={`±${words.format.percent(wrench.tolerance)}${wrench.toleranceAssumed ? ' assumed' : ''} · ${wrench.uses.toLocaleString('en')} of ${CALIBRATION_CYCLES.toLocaleString('en')} clicks · ${wrench.retired ? 'retired' : sound ? `calibrated to ${calendarDay(wrench.calibrationDueOn!)}` : 'overdue: nothing it sets is proven'}`}
                aside={<Words kind="smallReading">{`${words.format.nm(wrench.maxNm)} N·m`}</Words>}
                onPress={() => router.navigate(`/stores/wrenches/${wrench.id}` as '/stores')}
              />
            );
          })}
        </Shelf>
        <Shelf
          label="Spec sheets"
          actions={[
            { says: 'Take in', to: '/stores/sheets/import' },
            { says: 'New', to: '/stores/sheets/new' },
          ]}
        >
          {sheets.data.map(({ id, sheetId, revision, body }) => (
            <Row
              key={id}
              title={body.title}
              says={`${body.source} · rotor limit ${body.rotor.limit?.limitMm.toFixed(2) ?? 'not known'} · ${body.fluid ? nameOf(body.fluid.fluid) : 'no fluid'}`}
              aside={<Words kind="small">{`rev ${revision}`}</Words>}
              onPress={() => router.navigate(`/stores/sheets/${sheetId}` as '/stores')}
            />
          ))}
        </Shelf>
      </View>
    </Page>
  );
}

function Shelf({
  label,
  actions = [],
  children,
}: {
  label: string;
  actions?: readonly { says: string; to: string }[];
  children: ReactNode;
}) {
  const wide = useWide();
  return (
    <View style={wide && styles.shelf}>
      <View style={styles.top}>
        <Words kind="label" level={2} style={styles.label}>
          {label}
        </Words>
        {actions.map(({ says, to }) => (
          <Button
            key={to}
            kind="quiet"
            says={says}
            label={`${label}: ${says}`}
            onPress={() => router.navigate(to as '/stores')}
          />
        ))}
      </View>
      {children}
    </View>
  );
}

function faultOf(container: ContainerInStore, day: string): string | null {
  if (container.writtenOff) return `written off: ${container.writtenOffReason}`;
  if (container.condition !== 'clear') return words.containerRefusal.spoiled;
  const lastDay = lastUsableDay(container);
  if (lastDay !== null && day > lastDay)
    return `${words.containerRefusal.expired} ${calendarDay(lastDay)}`;
  return container.remainingMl <= 0 ? words.containerRefusal.empty : null;
}

function lastsSays(container: ContainerInStore): string {
  const lastDay = lastUsableDay(container);
  if (lastDay) return `use by ${calendarDay(lastDay)}`;
  return container.openedOn ? `opened ${calendarDay(container.openedOn)}` : 'sealed';
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', flexWrap: 'wrap' },
  shelf: { flexGrow: 1, flexBasis: 340 },
  waste: { alignItems: 'flex-end' },
  top: { flexDirection: 'row', alignItems: 'flex-end', gap: space.l, paddingHorizontal: space.l },
  label: { flex: 1, paddingVertical: space.m },
});
