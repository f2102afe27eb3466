import type { UsualEnd } from '@hold-fast/core/ends';
import type { BrakeFigure as Figure, FigureBrake } from '@hold-fast/core/figure/brakeFigure';
import type { View as Seen } from '@hold-fast/core/figure/views';
import type { ComponentType } from 'react';
import { View } from 'react-native';
import Svg from 'react-native-svg';
import { figureSays } from './figureSays';
import { Bar } from './Bar';
import { Bike } from './Bike';
import { Bleed } from './Bleed';
import { Bore } from './Bore';
import { Cable } from './Cable';
import { Caliper } from './Caliper';
import { DropBar } from './DropBar';
import { Joint } from './Joint';
import { LaidOut } from './LaidOut';
import { Lever } from './Lever';
import { Mount } from './Mount';
import { Strokes } from './pieces';
import { Rotor } from './Rotor';
import { Throttle } from './Throttle';
import { Whole } from './Whole';
import type { ViewProps } from './viewProps';

const FIGURE = { width: 360, height: 200 } as const;

interface Props {
  figure: Figure;
  brake: FigureBrake;
  axle: UsualEnd;
  width: number;
}

const VIEWS: Record<Seen, ComponentType<ViewProps & { axle: UsualEnd }>> = {
  whole: Whole,
  bike: Bike,
  caliper: Caliper,
  'laid-out': LaidOut,
  mount: Mount,
  rotor: Rotor,
  lever: Lever,
  'drop-bar': DropBar,
  bar: Bar,
  throttle: Throttle,
  'joint-at-lever': (props) => <Joint {...props} at="lever" />,
  'joint-at-caliper': (props) => <Joint {...props} at="caliper" />,
  bleed: Bleed,
  cable: Cable,
  'caliper-bore': () => <Bore of="caliper" />,
  'lever-bore': () => <Bore of="lever" />,
};

/** One brake at one step: as it stands after it, what the step moves in heavy ink, all else faint. */
export function BrakeFigure({ figure, brake, axle, width }: Props) {
  const Drawn = VIEWS[figure.shows.view];
  return (
    <View
      style={{ width, alignSelf: 'center' }}
      role="img"
      accessibilityLabel={figureSays(figure)}
      testID={`figure-${figure.shows.view}`}
    >
      <Svg
        width={width}
        height={(width * FIGURE.height) / FIGURE.width}
        viewBox={`0 0 ${FIGURE.width} ${FIGURE.height}`}
      >
        <Strokes value={figure.shows.strokes}>
          <Drawn state={figure.after} brake={brake} axle={axle} />
        </Strokes>
      </Svg>
    </View>
  );
}
