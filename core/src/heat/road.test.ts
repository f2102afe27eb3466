import { dropM, evenRoad, PLAUSIBLE_ROAD, readRoad, roadText, stretchesOf } from './road';
import { distanceM, readTrack } from './track';

describe('a road', () => {
  it('of one grade keeps its grade: a grade is the tangent of its angle, a length lies along the road', () => {
    const road = evenRoad(10, 1000);
    expect(stretchesOf(road)[0]!.gradePercent).toBeCloseTo(10, 9);
    expect(dropM(road)).toBeCloseTo(1000 * Math.sin(Math.atan(0.1)), 9);
  });

  it('is keyed as pairs of distance and height, and says itself again', () => {
    const road = readRoad('0 320\n1500 180,5; 4000 0');
    expect(road).toEqual([
      { alongM: 0, heightM: 320 },
      { alongM: 1500, heightM: 180.5 },
      { alongM: 4000, heightM: 0 },
    ]);
    expect(readRoad(roadText(road))).toEqual(road);
  });

  it.each([
    ['', 'points: too-few-points'],
    ['0 100', 'points: too-few-points'],
    ['0 100; 500', 'points: not-a-number'],
    ['0 100; 500 fifty', 'points: not-a-number'],
    ['0 100; 500 50 7', 'points: not-a-number'],
    ['0 100; 500 50; 400 40', 'points: not-farther'],
    ['0 100; 500 50; 500 40', 'points: not-farther'],
    ['0 100; 100 50', 'points: too-steep'],
    ['0 100; 50 0', 'points: too-steep'],
    ['0 9900; 1000 9800', 'heightM: out-of-range'],
    ['0 100; 60000 0', 'lengthM: out-of-range'],
  ])('%j is refused: %s', (text, says) => expect(() => readRoad(text)).toThrow(says));

  it('of one grade is refused beyond 45 %, and says what may be', () => {
    expect(() => evenRoad(46, 1000)).toThrow('gradePercent: out-of-range');
    expect(() => evenRoad(0, 1000)).toThrow('gradePercent: not-positive');
    expect(() => evenRoad(NaN, 1000)).toThrow('gradePercent: not-a-number');
    expect(PLAUSIBLE_ROAD.gradePercent.most).toBe(45);
  });
});

/** A track along a meridian: its points are so many degrees of latitude apart. */
function track(
  heights: readonly (number | string | null)[],
  { step = 0.0002, zone = 'Z', list = 'trkpt' } = {},
): string {
  const points = heights.map((height, i) => {
    const ele = height === null ? '' : `<ele>${height}</ele>`;
    const time = `<time>2026-07-01T10:${String(i % 60).padStart(2, '0')}:00${zone}</time>`;
    return `<${list} lat="${(60 - i * step).toFixed(7)}" lon="5.0">${ele}${time}</${list}>`;
  });
  const inside =
    list === 'trkpt'
      ? `<trk><trkseg>${points.join('')}</trkseg></trk>`
      : `<rte>${points.join('')}</rte>`;
  return `<?xml version="1.0" encoding="UTF-8"?><gpx version="1.1" creator="made up" xmlns="http://www.topografix.com/GPX/1/1">${inside}</gpx>`;
}
const down = (count: number, by: number) => Array.from({ length: count }, (_, i) => 500 - i * by);

describe('a track', () => {
  it('a degree of latitude is 111.2 km on the mean sphere', () =>
    // Source: 2πR/360 with R₁ = 6371.009 km (GRS 80).
    expect(distanceM({ lat: 50, lon: 8 }, { lat: 51, lon: 8 })).toBeCloseTo(111_195, -1));

  it('becomes a road: its length over the ground, its heights as they are', () => {
    const road = readTrack(track(down(100, 2)));
    const step = distanceM({ lat: 60, lon: 5 }, { lat: 60 - 0.0002, lon: 5 });
    expect(road.at(-1)!.alongM).toBeCloseTo(step * 99, 0);
    expect(dropM(road)).toBeCloseTo(198, 6);
    expect(readTrack(track(down(100, 2), { list: 'rtept' }))).toEqual(road);
  });

  it('is the same road in another time zone', () =>
    expect(readTrack(track(down(60, 1), { zone: '+09:30' }))).toEqual(
      readTrack(track(down(60, 1))),
    ));

  it('one height that jumps is left out, and a few that lack lie between their neighbours', () => {
    const heights: (number | null)[] = down(100, 1);
    heights[40] = 900;
    heights[70] = null;
    const road = readTrack(track(heights));
    expect(dropM(road)).toBeCloseTo(99, 0);
    expect(Math.max(...road.map(({ heightM }) => heightM))).toBe(500);
  });

  it('of 20,000 points, every eleventh without its height, becomes one of a few hundred with the same drop', () => {
    const heights = down(20_000, 0.02).map((height, i) => (i % 11 === 5 ? null : height));
    const road = readTrack(track(heights, { step: 0.00002 }));
    expect(road.length).toBeLessThanOrEqual(201);
    expect(dropM(road)).toBeCloseTo(0.02 * 19_999, 0);
    expect(road.at(-1)!.alongM).toBeGreaterThan(44_000);
  });

  it.each([
    ['no track at all', 'just words', 'track: not-a-track'],
    ['another kind of file', '<html><body/></html>', 'track: not-a-track'],
    ['a file cut off', track(down(50, 1)).slice(0, 900), 'track: not-a-track'],
    ['no heights', track(Array.from({ length: 50 }, () => null)), 'track: no-heights'],
    ['heights that are none', track(Array.from({ length: 50 }, () => 'high')), 'track: no-heights'],
    ['one point', track([100]), 'track: too-few-points'],
    ['no point', track([]), 'track: too-few-points'],
    ['a gap', track(down(50, 1), { step: 0.02 }), 'track: track-gap'],
    ['a cliff', track(down(30, 15)), 'points: too-steep'],
    ['a place off the earth', track(down(5, 1), { step: 40 }), 'track: not-a-track'],
  ])('with %s is refused', (_what, xml, says) => expect(() => readTrack(xml)).toThrow(says));

  it('follows no entity that a file brings along', () => {
    const bomb = `<?xml version="1.0"?><!DOCTYPE gpx [<!ENTITY a "100">]>${track(down(30, 1))
      .replace(/<\?xml[^>]*>/, '')
      .replace('<ele>500</ele>', '<ele>&a;</ele>')}`;
    expect(readTrack(bomb)[0]!.heightM).not.toBe(100);
  });
});
