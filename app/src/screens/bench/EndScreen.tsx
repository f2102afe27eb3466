import { DEVIATIONS } from '@hold-fast/core/deviation/deviations';
import type { End } from '@hold-fast/core/ends';
import { FASTENER_IDS } from '@hold-fast/core/torque/fasteners';
import { Fragment, type ReactElement } from 'react';
import { NoSuchPage } from '../NoSuchPage';
import { FitPart } from './fitting/FitPart';
import { Identify } from './identify/Identify';
import { KitSheet } from './identify/KitSheet';
import { LookOver } from './inspect/LookOver';
import { FeelGaps } from './measuring/FeelGaps';
import { MeasureFace } from './measuring/MeasureFace';
import { MeasureLever } from './measuring/MeasureLever';
import { MeasurePads } from './measuring/MeasurePads';
import { MeasureRotor } from './measuring/MeasureRotor';
import { MeasureRunout } from './measuring/MeasureRunout';
import { BedIn } from './prove/BedIn';
import { BleedRun } from './prove/BleedRun';
import { RadialCheck } from './prove/RadialCheck';
import { FinalCheck } from './prove/FinalCheck';
import { TakeParts } from './prove/TakeParts';
import { TellDeviation } from './prove/TellDeviation';
import { RECKONED_HERE, ReckonHere } from '../reckoner/ReckonHere';
import { TroubleHere } from '../trouble/TroubleHere';
import { RecordFluid } from './fitting/RecordFluid';
import { Torque } from './torque/Torque';
import { jobWords } from '../../words/job';
import { atJob, type ReckonedHere, type Task } from '../routes';

interface Asked {
  jobId: string;
  end: End;
  /** From the address: the fastener to tighten, and the mL to book off; empty where none is named. */
  fastener: string;
  ml: string;
  /** Kinds of part a step asks for, with commas. */
  part: string;
  /** The deviation that a step came upon; empty for none. */
  what: string;
}

type Screen = (asked: Asked) => ReactElement;

const RECKONED = Object.fromEntries(
  RECKONED_HERE.map((of): [string, Screen] => [
    `reckon-${of}`,
    ({ jobId, end }) => <ReckonHere jobId={jobId} end={end} of={of} />,
  ]),
) as Readonly<Record<`reckon-${ReckonedHere}`, Screen>>;

/** Everything that is done at one end of a bike, by its name in the address. */
const SCREENS: Readonly<Record<Task, Screen>> = {
  identify: (at) => <Identify {...at} />,
  kit: (at) => <KitSheet {...at} />,
  look: (at) => <LookOver {...at} />,
  rotor: (at) => <MeasureRotor {...at} />,
  pads: (at) => <MeasurePads {...at} />,
  runout: (at) => <MeasureRunout {...at} />,
  clearance: (at) => <FeelGaps {...at} />,
  lever: (at) => <MeasureLever {...at} />,
  'mount-face': (at) => <MeasureFace {...at} />,
  'fit-rotor': (at) => <FitPart {...at} part="rotor" />,
  'fit-pads': (at) => <FitPart {...at} part="pads" />,
  bolts: ({ fastener, ...at }) => (
    <Torque {...at} fastener={FASTENER_IDS.find((id) => id === fastener) ?? null} />
  ),
  fluid: (at) => <RecordFluid {...at} />,
  bleed: (at) => <BleedRun {...at} />,
  parts: (at) => <TakeParts {...at} />,
  deviation: ({ what, ...at }) => (
    <TellDeviation {...at} what={DEVIATIONS.find((each) => each === what) ?? null} />
  ),
  check: (at) => <FinalCheck {...at} />,
  'bed-in': (at) => <BedIn {...at} />,
  radial: (at) => <RadialCheck {...at} />,
  trouble: (at) => <TroubleHere {...at} />,
  ...RECKONED,
};

export function EndScreen({ task, ...asked }: Asked & { task: string }) {
  const draw = Object.hasOwn(SCREENS, task) ? SCREENS[task as Task] : undefined;
  // What is written of one end is not the other’s, wherever the address goes.
  if (draw) return <Fragment key={`${asked.jobId} ${asked.end} ${task}`}>{draw(asked)}</Fragment>;
  return (
    <NoSuchPage
      says={jobWords.endScreen.nothingOfThisNameIs}
      back={jobWords.endScreen.toTheJob}
      to={atJob(asked.jobId)}
    />
  );
}
