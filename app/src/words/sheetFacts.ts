import { nameOf } from '@hold-fast/core/fluid/families';
import type { Laid, PlainValue, SpecSheet } from '@hold-fast/core/sheet/sheet';
import type { ThicknessLimit } from '@hold-fast/core/wear/verdict';
import { capital } from './capital';
import { storesWords } from './stores';
import { verdictWords } from './verdictWords';
import { words } from './words';

/** A value of a sheet as it is read, with who laid it down. */
export interface SheetFact {
  /** What it is, whichever its name and value are. */
  key: string;
  name: string;
  value: string;
  /** In words; empty where it comes from nobody in particular. */
  origin: string;
}

const says = storesWords.sheetFacts;
const listed = (...each: (string | false | undefined)[]) => each.filter(Boolean).join(', ');

function originOf(from: Laid | null, also?: string): string {
  if (!from) return '';
  const tag = also ? `: ${also}` : from.tag ? `, ${words.tag[from.tag]}` : '';
  return words.origin[from.origin] + tag;
}

const limitOf = ({ limitMm, atLimitIsWorn }: ThicknessLimit, whole: boolean) =>
  listed(
    says.mm(words.format.fixed(limitMm, 2)),
    whole && atLimitIsWorn !== null && (atLimitIsWorn ? says.wornAtIt : says.goodAtIt),
  );

/** What a sheet says, in the order it is read; `whole` also names what the bench seldom asks for. */
export function factsOf(sheet: SpecSheet, whole: boolean): SheetFact[] {
  const { brake, rotor, pads, lever, hose, torque, fluid, origins } = sheet;
  const fact = (
    key: string,
    name: string,
    value: string,
    from: Laid | null = null,
    also?: string,
  ): SheetFact[] => [{ key, name, value, origin: originOf(from, also) }];
  const plain = (
    key: PlainValue,
    name: string,
    value: number | null | undefined,
    unit = 'mm',
    decimals = 2,
  ) => {
    if (typeof value !== 'number') return whole ? fact(key, name, says.notKnown) : [];
    const number = `${words.format.fixed(value, decimals)} ${unit}`.trim();
    return fact(key, name, number, origins[key] ?? { origin: 'sheet', tag: null });
  };
  const said = (key: string, name: string, value: string) =>
    value && whole ? fact(key, name, value) : [];
  const pistons = brake.pistons === 1 ? says.onePiston : says.pistons(brake.pistons);
  const plate = pads.plateAssumed ? says.backingPlateAssumed : says.backingPlate;
  return [
    ...said(
      'brake',
      says.brake,
      listed(
        words.actuation[brake.actuation],
        words.mount[brake.mount],
        pistons,
        brake.sides !== null && words.pushes[brake.sides],
      ),
    ),
    ...said('port', says.bleedPort, brake.port),
    ...said('hold', says.rotorHeldBy, says.heldBy[rotor.hold]),
    ...said('construction', says.rotorMadeIn, words.construction[rotor.construction]),
    ...plain('rotor.newMm', says.rotorNew, rotor.newMm),
    ...fact(
      'rotor.limit',
      says.rotorLimit,
      rotor.limit ? limitOf(rotor.limit, whole) : says.notKnown,
      rotor.limit,
    ),
    ...plain('rotor.sizeMm', says.rotorSize, rotor.sizeMm, 'mm', 0),
    ...(rotor.organicOnly ? fact('organic', says.rotorTakes, says.organicPadsOnly) : []),
    ...plain('pads.newTotalMm', says.padAndPlateNew, pads.newTotalMm),
    ...plain('pads.plateMm', plate, pads.plateMm),
    ...(['total', 'friction'] as const).flatMap((school) => {
      const limit = pads.limits[school];
      return limit ? fact(school, words.school[school], limitOf(limit, whole), limit) : [];
    }),
    ...said(
      'schools',
      says.padsJudgedBy,
      listed(...pads.schools.map((school) => words.school[school])),
    ),
    ...said('shape', says.padShape, listed(pads.shape, pads.finned && says.finned)),
    ...said(
      'compounds',
      says.padsComeAs,
      listed(...pads.compounds.map((compound) => words.compound[compound])),
    ),
    ...(whole && brake.actuation !== 'cable'
      ? [
          ...plain('lever.ratio', says.leverRatio, lever.ratio, '', 1),
          ...plain('lever.boreMm', says.masterBore, lever.boreMm, 'mm', 1),
          ...plain('lever.ownGiveMl', says.aSoundBrakesOwnGive, lever.ownGiveMl, 'mL'),
          ...plain('hose.boreMm', says.hoseBore, hose?.boreMm, 'mm', 1),
          ...plain('hose.kitMl', says.caliperAndLeverHold, hose?.kitMl, 'mL', 1),
          ...said('barb', says.barbAndOlive, listed(hose?.barb, hose?.olive)),
        ]
      : []),
    ...torque.flatMap(({ fastener, drive, window, thread, boltCount }) => {
      const name = capital(words.fastener[fastener]);
      const { loNm, hiNm, namedNm } = window;
      return [
        ...fact(
          fastener,
          listed(name, drive),
          namedNm === null ? verdictWords.torques(loNm, hiNm) : words.format.torque(namedNm),
          window,
          namedNm === null ? undefined : says.oneValue10IsOur,
        ),
        ...said(`${fastener} thread`, says.onThreadOf(name, boltCount), words.thread[thread]),
      ];
    }),
    ...fact('fluid', says.fluid, fluid ? nameOf(fluid.fluid) : says.noneAsked, fluid),
    ...said('also named', says.fluidAlsoNamed, fluid?.alsoNamedBlends.join(', ') ?? ''),
  ];
}

/** What a revision of a sheet changed, fact by fact; empty where it changed nothing. */
export function changedFacts(was: SpecSheet, is: SpecSheet): string[] {
  const textOf = ({ value, origin }: SheetFact) => (origin ? `${value} (${origin})` : value);
  const lines = (sheet: SpecSheet) =>
    new Map(
      [
        { key: 'title', name: says.title, value: sheet.title, origin: '' },
        { key: 'source', name: says.source, value: sheet.source, origin: '' },
        ...factsOf(sheet, true),
      ].map((fact) => [fact.key, fact] as const),
    );
  const [before, after] = [lines(was), lines(is)];
  const changed = [...new Set([...before.keys(), ...after.keys()])].flatMap((key) => {
    const [old, now] = [before.get(key), after.get(key)];
    const name = (now ?? old)!.name;
    const [from, to] = [old, now].map((fact) => (fact ? textOf(fact) : storesWords.sheetPage.none));
    if (from !== to) return [says.became(name, from!, to!)];
    return old!.name === now!.name ? [] : [says.became('', old!.name, name).trim()];
  });
  // Never "nothing", where something did that has no line of its own.
  const same = JSON.stringify(was) === JSON.stringify(is);
  return changed.length > 0 || same ? changed : [says.somethingElse];
}
