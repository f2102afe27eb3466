import type { BikePage, ThicknessPoint } from '@hold-fast/contract/bikes';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { LineChart } from 'react-native-chart-kit/v2';
import { color, font, size, space, type } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { exactDay } from '../../words/days';
import { verdictWords } from '../../words/verdictWords';
import { words } from '../../words/words';
import { bikesWords } from '../../words/bikes';
import { capital } from '../../words/capital';

type Wear = BikePage['wear'][number];

const HEIGHT = 240;
const DOUBT = { color: color.soft, strokeWidth: 1, strokeDasharray: [3, 4], dot: false } as const;
const AHEAD = {
  color: color.brass,
  strokeWidth: 2.5,
  strokeDasharray: [7, 5],
  dot: false,
} as const;
const AHEAD_END = {
  color: color.brass,
  strokeWidth: 1,
  strokeDasharray: [2, 4],
  dot: false,
} as const;
const THEME = {
  background: 'transparent',
  plotBackground: 'transparent',
  grid: color.hairline,
  axis: color.hairline,
  text: color.ink,
  mutedText: color.soft,
  typography: { fontFamily: font.reading, axisLabelSize: type.tiny },
};

/** Thickness of a part over its life, by distance where it is known and by date where it is not, with its limit. */
export function ThicknessChart({ wear }: { wear: Wear }) {
  const [width, setWidth] = useState(0);
  const lastLife = Math.max(...wear.points.map(({ life }) => life));
  const points = wear.points.filter(({ life }) => life === lastLife);
  const latest = points.at(-1)!;
  const byDistance = points.every(({ odometerKm }) => odometerKm !== null);
  const data = points.map((point): ChartRow => ({
    x: byDistance ? point.odometerKm! : Date.parse(point.measuredOn),
    mm: point.leastMm,
    most: point.leastMm + point.doubtMm,
    least: point.leastMm - point.doubtMm,
  }));
  const limit = latest.limitMm;
  const heading =
    wear.outlook?.forecast.ok && (wear.outlook.unit === 'km') === byDistance
      ? wear.outlook.forecast
      : null;
  // The forecast goes on from the last visit to where the line reaches its limit, with the interval's ends beside it.
  const ahead = heading && limit !== null ? forecastLine(heading, latest, limit, byDistance) : [];
  const title = capital(words.thingAt(wear.end, wear.part));
  const told = points
    .map((point) =>
      bikesWords.thicknessChart.mm(
        words.format.fixed(point.leastMm, 2),
        placeOf(point, byDistance),
      ),
    )
    .join('; ');

  return (
    <View
      style={styles.chart}
      onLayout={(event) => setWidth(Math.round(event.nativeEvent.layout.width))}
      role="group"
      accessibilityLabel={`${title}: ${told}. ${limit === null ? '' : bikesWords.thicknessChart.limitMm(words.format.fixed(limit, 2))}`}
    >
      <View style={styles.top}>
        <Words kind="title">
          {bikesWords.thicknessChart.by(
            title,
            byDistance ? bikesWords.thicknessChart.distance : bikesWords.thicknessChart.date,
          )}
        </Words>
        <Words kind="reading">{words.format.fixed(latest.leastMm, 2)}</Words>
      </View>
      {points.length < 2 ? (
        <Words ink="soft">
          {bikesWords.thicknessChart.measuredOnceALineTakes(exactDay(latest.measuredOn))}
        </Words>
      ) : width > 0 ? (
        <LineChart
          data={[...data, ...ahead]}
          xKey="x"
          width={width - 2 * space.m}
          height={HEIGHT}
          theme={THEME}
          series={[
            { ...DOUBT, yKey: 'most', key: 'most', label: bikesWords.thicknessChart.withItsDoubt },
            {
              ...DOUBT,
              yKey: 'least',
              key: 'least',
              label: bikesWords.thicknessChart.lessItsDoubt,
            },
            {
              yKey: 'mm',
              key: 'mm',
              label: title,
              color: color.slate,
              strokeWidth: 2.5,
              dot: { visible: true, radius: 5 },
            },
            ...(ahead.length > 0
              ? ([
                  {
                    ...AHEAD,
                    yKey: 'ahead',
                    key: 'ahead',
                    label: bikesWords.thicknessChart.forecast,
                  },
                  {
                    ...AHEAD_END,
                    yKey: 'early',
                    key: 'early',
                    label: bikesWords.thicknessChart.earlyEnd,
                  },
                  {
                    ...AHEAD_END,
                    yKey: 'late',
                    key: 'late',
                    label: bikesWords.thicknessChart.lateEnd,
                  },
                ] as const)
              : []),
          ]}
          legend={false}
          yDomain={domainOf(points)}
          formatYLabel={(mm: number) => words.format.fixed(mm, 2)}
          formatXLabel={(x: unknown) =>
            byDistance
              ? words.format.distance(Number(x))
              : exactDay(new Date(Number(x)).toISOString())
          }
          referenceLines={
            limit === null
              ? []
              : [
                  {
                    y: limit,
                    label: bikesWords.thicknessChart.limit(words.format.fixed(limit, 2)),
                    color: color.rust,
                    labelColor: color.rustText,
                    labelPosition: 'start',
                    labelPlacement: 'below',
                    strokeWidth: 2,
                  },
                ]
          }
          referenceBands={
            limit === null ? [] : [{ y1: 0, y2: limit, color: color.rust, opacity: 0.1 }]
          }
        />
      ) : null}
      <Words kind="small">{changeSays(points, byDistance)}</Words>
      {limit !== null && latest.leastMm <= limit ? (
        <Words kind="strong" ink="rustText">
          {bikesWords.thicknessChart.itsLimitOfMeasured(
            latest.leastMm < limit ? bikesWords.thicknessChart.past : bikesWords.thicknessChart.at,
            words.format.fixed(latest.leastMm, 2),
            words.format.fixed(limit, 2),
            exactDay(latest.measuredOn),
          )}
        </Words>
      ) : wear.outlook ? (
        <Words>{outlookSays(wear.outlook)}</Words>
      ) : null}
      {lastLife > 0 ? (
        <Words kind="small">{bikesWords.thicknessChart.sinceTheLastNewPart(lastLife)}</Words>
      ) : null}
    </View>
  );
}

/** A row of the chart: a visit, or a place on the forecast. A type, since the chart wants an open record. */
type ChartRow = {
  x: number;
  mm?: number | null;
  most?: number | null;
  least?: number | null;
  ahead?: number | null;
  early?: number | null;
  late?: number | null;
};

type Heading = Extract<NonNullable<Wear['outlook']>['forecast'], { ok: true }>;

/** Days from 1970, as the forecast counts them, in milliseconds. */
const DAY_MS = 86_400_000;

/** Rows that draw the forecast: from the last reading to where its line, and the ends of its interval, reach the limit. */
function forecastLine(
  { at, early, late }: Heading,
  latest: ThicknessPoint,
  limitMm: number,
  byDistance: boolean,
): ChartRow[] {
  const x = (value: number) => (byDistance ? value : value * DAY_MS);
  const begin = {
    x: byDistance ? latest.odometerKm! : Date.parse(latest.measuredOn),
    ahead: latest.leastMm,
    early: latest.leastMm,
    late: latest.leastMm,
  };
  return [
    begin,
    { x: x(early), early: limitMm },
    { x: x(at), ahead: limitMm },
    { x: x(late), late: limitMm },
  ].filter((row, i) => i === 0 || row.x > begin.x);
}

/** Where the part is heading, in one line, and how that lies to the next service. */
function outlookSays({ unit, now, nextService, forecast }: NonNullable<Wear['outlook']>): string {
  const at = (x: number) =>
    unit === 'km'
      ? bikesWords.thicknessChart.atKm(x)
      : exactDay(new Date(x * DAY_MS).toISOString());
  const says = verdictWords.forecastSays(forecast, at);
  if (!forecast.ok) return says;
  if (forecast.early <= now) return bikesWords.thicknessChart.mayBeDueNow(says);
  return bikesWords.thicknessChart.theNextService(
    says,
    forecast.early < nextService
      ? bikesWords.thicknessChart.thatMayBeBefore
      : bikesWords.thicknessChart.thatIsAfter,
    at(nextService),
  );
}

/** Room above the thickest and below the limit. */
function domainOf(points: readonly ThicknessPoint[]): [number, number] {
  const values = points.flatMap(({ leastMm, doubtMm, limitMm }) => [
    leastMm + doubtMm,
    leastMm - doubtMm,
    limitMm ?? leastMm,
  ]);
  const least = Math.min(...values);
  const most = Math.max(...values);
  const room = Math.max(0.05, (most - least) * 0.15);
  return [Math.floor((least - room) * 20) / 20, Math.ceil((most + room) * 20) / 20];
}

/** What went from the first visit to the last: two readings and their difference, no forecast. */
function changeSays(points: readonly ThicknessPoint[], byDistance: boolean): string {
  const [first] = points;
  const last = points.at(-1)!;
  if (points.length < 2 || !first) return '';
  const gone = first.leastMm - last.leastMm;
  const km = byDistance ? last.odometerKm! - first.odometerKm! : 0;
  const { distance, fixed, unitKm } = words.format;
  const stretchKm = 1000 * unitKm;
  const per =
    km > 0
      ? bikesWords.thicknessChart.mmPer(fixed((gone / km) * stretchKm, 3), distance(stretchKm))
      : '';
  return bikesWords.thicknessChart.mmGoneSince(
    words.format.fixed(gone, 2),
    exactDay(first.measuredOn),
    per,
  );
}

function placeOf(point: ThicknessPoint, byDistance: boolean): string {
  return byDistance
    ? bikesWords.thicknessChart.atOdometerKm(point.odometerKm!)
    : bikesWords.thicknessChart.on(exactDay(point.measuredOn));
}

const styles = StyleSheet.create({
  chart: {
    flexGrow: 1,
    flexBasis: 330,
    maxWidth: size.sheet,
    gap: space.s,
    padding: space.m,
    borderWidth: size.line,
    borderColor: color.hairline,
    borderRadius: size.radius,
    backgroundColor: color.raised,
    minWidth: 0,
  },
  top: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'baseline' },
});
