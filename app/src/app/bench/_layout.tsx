import { Slot, useGlobalSearchParams, usePathname } from 'expo-router';
import { useBench } from '../../data/queries';
import { useSession } from '../../data/session';
import { Beside } from '../../screens/Beside';
import { Bench } from '../../screens/bench/Bench';
import { useWide } from '../../ui/useWide';

export default function BenchLayout() {
  const { jobId } = useGlobalSearchParams<{ jobId?: string }>();
  const person = useSession().data?.person?.name;
  const first = useBench().data?.[0]?.id;
  const here = usePathname();
  const wide = useWide();
  const open = here !== '/bench';
  // Beside the list something always stands open: the bike promised first, until another is picked.
  const current = wide ? (jobId ?? (open ? '' : first)) : undefined;
  return (
    <Beside
      open={open}
      list={<Bench current={current} person={wide ? undefined : person} />}
      sheet={<Slot />}
    />
  );
}
