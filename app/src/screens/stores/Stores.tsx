import { lastUsableDay } from '@hold-fast/core/fluid/container';
import { nameOf } from '@hold-fast/core/fluid/families';
import { inCalibration } from '@hold-fast/core/gauge/gauge';
import { CALIBRATION_CYCLES, wrenchInCalibration } from '@hold-fast/core/torque/wrench';
import { lineAsKnown } from '@hold-fast/core/job/partTaken';
import { isOfLots } from '@hold-fast/core/notice/notice';
import type {
  ContainerInStore,
  StockInStore,
  WasteCan,
  WrenchInStore,
} from '@hold-fast/contract/stores';
import { router } from 'expo-router';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useNotices, useUsedParts, useWaste } from '../../data/counterQueries';
import { useContainers, useGauges, useSheets, useStock, useWrenches } from '../../data/queries';
import { today } from '../../data/today';
import type { NoticeKept } from '@hold-fast/contract/notices';
import type { UsedPart } from '@hold-fast/core/kit/usedPart';
import { jobWords } from '../../words/job';
import { useHandWasteOver, useScrapUsedPart } from '../../data/writes';
import { calendarDay, exactDay } from '../../words/days';
import { ContainerLevel } from '../../instruments/ContainerLevel';
import { Button } from '../../ui/Button';
import { Page } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { Failed, Loading } from '../../ui/Standing';
import { size, space } from '../../ui/tokens';
import { useWide } from '../../ui/useWide';
import { VerdictMark } from '../../ui/VerdictMark';
import { Words } from '../../ui/Words';
import { words } from '../../words/words';
import { gaugeSays } from '../gaugeSays';
import { storesWords } from '../../words/stores';
import { type Address } from '../routes';

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
    notices: useNotices(),
    used: useUsedParts(),
  };
  const handOver = useHandWasteOver();
  const failed = Object.values(queries).find(({ error }) => error);
  if (failed?.error) return <Failed error={failed.error} onRetry={() => void failed.refetch()} />;
  const { containers, gauges, wrenches, sheets, stock, waste, notices, used } = queries;
  if (!containers.data || !gauges.data || !wrenches.data || !sheets.data) return <Loading />;
  if (!stock.data || !waste.data || !notices.data || !used.data) return <Loading />;

  return (
    <Page
      title={words.places.stores}
      over={storesWords.stores.whatTheBenchWorksWith}
      aside={
        <Button
          kind="quiet"
          says={storesWords.stores.shopRules}
          onPress={() => router.navigate('/stores/rules')}
        />
      }
    >
      <View style={wide && styles.beside}>
        <Shelf
          label={storesWords.stores.fluid}
          actions={[{ says: storesWords.stores.new, to: '/stores/containers/new' }]}
        >
          {containers.data.map((container) => (
            <FluidRow
              key={container.id}
              container={container}
              day={day}
              recalled={recallsOf(notices.data, [container.lot])}
            />
          ))}
          {waste.data.map((can) => (
            <WasteRow
              key={can.family}
              can={can}
              busy={handOver.isPending}
              onHandOver={() => handOver.mutate({ family: can.family })}
            />
          ))}
        </Shelf>
        <Shelf
          label={storesWords.stores.gauges}
          actions={[
            { says: storesWords.stores.gaugeFeed, to: '/stores/feed' },
            { says: storesWords.stores.register, to: '/stores/gauges/new' },
          ]}
        >
          {gauges.data.map((gauge) => {
            const sound = !gauge.retired && inCalibration(gauge.calibrationDueOn, day);
            return (
              <Row
                key={gauge.id}
                mark={<VerdictMark word={sound ? 'holds' : 'unproven'} of={size.smallMark} />}
                title={gauge.name}
                says={gauge.retired ? storesWords.stores.retired : gaugeSays(gauge, day)}
                aside={
                  <Words kind="smallReading">{`±${words.format.fixed(gauge.uncertaintyMm, 2)}`}</Words>
                }
                onPress={() => router.navigate(`/stores/gauges/${gauge.id}`)}
              />
            );
          })}
        </Shelf>
        <Shelf
          label={storesWords.stores.parts}
          actions={[
            { says: storesWords.stores.count, to: '/stores/count' },
            { says: storesWords.stores.new, to: '/stores/stock/new' },
          ]}
        >
          {stock.data.map((line) => (
            <PartRow key={line.id} line={line} recalled={recallsOf(notices.data, line.batches)} />
          ))}
        </Shelf>
        <Shelf
          label={storesWords.stores.torqueWrenches}
          actions={[{ says: storesWords.stores.register, to: '/stores/wrenches/new' }]}
        >
          {wrenches.data.map((wrench) => (
            <WrenchRow key={wrench.id} wrench={wrench} day={day} />
          ))}
        </Shelf>
        <UsedShelf parts={used.data} notices={notices.data} />
        <NoticeShelf notices={notices.data} />
        <Shelf
          label={storesWords.stores.specSheets}
          actions={[
            { says: storesWords.stores.takeIn, to: '/stores/sheets/import' },
            { says: storesWords.stores.new, to: '/stores/sheets/new' },
          ]}
        >
          {sheets.data.map(({ id, sheetId, revision, body }) => (
            <Row
              key={id}
              title={body.title}
              says={storesWords.stores.rotorLimit(
                body.source,
                body.rotor.limit
                  ? words.format.fixed(body.rotor.limit.limitMm, 2)
                  : storesWords.stores.notKnown,
                body.fluid ? nameOf(body.fluid.fluid) : storesWords.stores.noFluid,
              )}
              aside={<Words kind="small">{storesWords.stores.rev(revision)}</Words>}
              onPress={() => router.navigate(`/stores/sheets/${sheetId}`)}
            />
          ))}
        </Shelf>
      </View>
    </Page>
  );
}

/** What makers' notices in force say of something of these lots, as it follows a line; empty where they say nothing. */
function recallsOf(notices: readonly NoticeKept[], lots: readonly string[] = []): string {
  const titles = notices
    .filter((notice) => !notice.withdrawn && isOfLots(notice, lots))
    .map(({ title }) => title);
  return titles.length > 0 ? storesWords.stores.recalled(words.format.list(titles)) : '';
}

interface FluidRowProps {
  container: ContainerInStore;
  day: string;
  recalled: string;
}

function FluidRow({ container, day, recalled }: FluidRowProps) {
  const fault = faultOf(container, day);
  const lot = storesWords.stores.lot(
    words.family[container.fluid.family],
    container.lot,
    fault ?? lastsSays(container),
  );
  return (
    <Row
      mark={
        <VerdictMark
          word={fault ? 'replace' : recalled ? 'unproven' : 'holds'}
          of={size.smallMark}
        />
      }
      title={`${container.label}, ${nameOf(container.fluid)}`}
      says={lot + recalled}
      aside={<ContainerLevel {...container} says={storesWords.stores.ml(container.remainingMl)} />}
      onPress={() => router.navigate(`/stores/containers/${container.id}`)}
    />
  );
}

function PartRow({ line, recalled }: { line: StockInStore; recalled: string }) {
  const short = line.count <= line.reorderAt;
  const batches = lineAsKnown(line).batches.filter(Boolean);
  const says = [
    line.fits || storesWords.stores.fitsAll,
    batches.length > 0 ? storesWords.stores.ofBatches(words.format.list(batches)) : '',
    short ? storesWords.stores.orderMore : '',
    recalled,
  ];
  return (
    <Row
      mark={
        <VerdictMark word={recalled ? 'unproven' : short ? 'watch' : 'holds'} of={size.smallMark} />
      }
      title={line.description}
      says={says.join('')}
      aside={<Words kind="smallReading">{`${line.count}`}</Words>}
      onPress={() => router.navigate(`/stores/stock/${line.id}`)}
    />
  );
}

interface WasteRowProps {
  can: WasteCan;
  busy: boolean;
  onHandOver: () => void;
}

function WasteRow({ can: { family, ml, handedOverAt }, busy, onHandOver }: WasteRowProps) {
  return (
    <Row
      title={storesWords.stores.wasteCan(words.family[family])}
      says={
        handedOverAt
          ? storesWords.stores.lastHandedOver(exactDay(handedOverAt))
          : storesWords.stores.neverHandedOverForRecycling
      }
      aside={
        <View style={styles.waste}>
          <Words kind="smallReading">{storesWords.stores.wastedMl(ml)}</Words>
          <Button
            kind="quiet"
            says={storesWords.stores.handedOver}
            of={words.family[family]}
            disabled={ml === 0 || busy}
            onPress={onHandOver}
          />
        </View>
      }
    />
  );
}

function WrenchRow({ wrench, day }: { wrench: WrenchInStore; day: string }) {
  const sound = !wrench.retired && wrenchInCalibration(wrench, day);
  return (
    <Row
      mark={<VerdictMark word={sound ? 'holds' : 'unproven'} of={size.smallMark} />}
      title={wrench.name}
      says={storesWords.stores.ofClicks(
        words.format.percent(wrench.tolerance),
        wrench.toleranceAssumed ? storesWords.stores.assumed : '',
        words.format.count(wrench.uses),
        words.format.count(CALIBRATION_CYCLES),
        wrench.retired
          ? storesWords.stores.retired
          : sound
            ? storesWords.stores.calibratedTo(calendarDay(wrench.calibrationDueOn!))
            : storesWords.stores.overdueNothingItSetsIs,
      )}
      aside={<Words kind="smallReading">{words.format.torque(wrench.maxNm)}</Words>}
      onPress={() => router.navigate(`/stores/wrenches/${wrench.id}`)}
    />
  );
}

/** Rotors and pads that came off alive, with what they read. */
function UsedShelf({
  parts,
  notices,
}: {
  parts: readonly UsedPart[];
  notices: readonly NoticeKept[];
}) {
  const scrap = useScrapUsedPart();
  return (
    <Shelf label={storesWords.stores.usedParts} actions={[]}>
      {parts.length === 0 ? <Words ink="soft">{storesWords.stores.noUsed}</Words> : null}
      {parts.map((used) => {
        const recalled = recallsOf(notices, used.batches);
        const says = jobWords.fitPart.usedSays(
          words.format.fixed(used.leastMm, 2),
          used.tag,
          used.bikeName,
          words.format.list(used.batches),
        );
        return (
          <Row
            key={used.id}
            mark={<VerdictMark word={recalled ? 'unproven' : used.word} of={size.smallMark} />}
            title={used.description}
            says={says + recalled}
            aside={
              <Button
                kind="quiet"
                says={storesWords.stores.throwAway}
                busy={scrap.isPending}
                onPress={() => scrap.mutate({ id: used.id, words: storesWords.stores.whyAway })}
              />
            }
          />
        );
      })}
    </Shelf>
  );
}

/** Makers' recalls and bulletins, the newest first. */
function NoticeShelf({ notices }: { notices: readonly NoticeKept[] }) {
  return (
    <Shelf
      label={storesWords.stores.notices}
      actions={[{ says: storesWords.stores.new, to: '/stores/notices/new' }]}
    >
      {notices.map((notice) => (
        <Row
          key={notice.id}
          mark={
            <VerdictMark
              word={notice.withdrawn ? null : notice.doNotRide ? 'replace' : 'watch'}
              of={size.smallMark}
            />
          }
          title={notice.title}
          says={notice.withdrawn ? storesWords.stores.withdrawn : notice.source}
          onPress={() => router.navigate(`/stores/notices/${notice.id}`)}
        />
      ))}
    </Shelf>
  );
}

function Shelf({
  label,
  actions = [],
  children,
}: {
  label: string;
  actions?: readonly { says: string; to: Address }[];
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
            of={label}
            onPress={() => router.navigate(to)}
          />
        ))}
      </View>
      {children}
    </View>
  );
}

function faultOf(container: ContainerInStore, day: string): string | null {
  if (container.writtenOff) return storesWords.stores.writtenOff(container.writtenOffReason);
  if (container.condition !== 'clear') return words.containerRefusal.spoiled;
  const lastDay = lastUsableDay(container);
  if (lastDay !== null && day > lastDay)
    return `${words.containerRefusal.expired} ${calendarDay(lastDay)}`;
  return container.remainingMl <= 0 ? words.containerRefusal.empty : null;
}

function lastsSays(container: ContainerInStore): string {
  const lastDay = lastUsableDay(container);
  if (lastDay) return storesWords.stores.useBy(calendarDay(lastDay));
  return container.openedOn
    ? storesWords.stores.opened(calendarDay(container.openedOn))
    : storesWords.stores.sealed;
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', flexWrap: 'wrap' },
  shelf: { flexGrow: 1, flexBasis: 340 },
  waste: { alignItems: 'flex-end' },
  top: { flexDirection: 'row', alignItems: 'flex-end', gap: space.l, paddingHorizontal: space.l },
  label: { flex: 1, paddingVertical: space.m },
});
