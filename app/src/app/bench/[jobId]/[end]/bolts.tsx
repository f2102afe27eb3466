import { FASTENER_IDS } from '@hold-fast/core/torque/fasteners';
import { useLocalSearchParams } from 'expo-router';
import { useEndParams } from '../../../../screens/bench/params';
import { later } from '../../../../screens/later';

const Torque = later(() =>
  import('../../../../screens/bench/jobScreens').then((screen) => screen.Torque),
);

export default function TorqueRoute() {
  const { jobId, end } = useEndParams();
  const { fastener } = useLocalSearchParams<{ fastener?: string }>();
  const named = FASTENER_IDS.find((id) => id === fastener) ?? null;
  return <Torque key={`${jobId} ${end} ${named}`} jobId={jobId} end={end} fastener={named} />;
}
