import { Slot, useGlobalSearchParams, usePathname } from 'expo-router';
import { useSession } from '../../data/session';
import { Beside } from '../../screens/Beside';
import { Bench } from '../../screens/bench/Bench';
import { useWide } from '../../ui/useWide';

export default function BenchLayout() {
  const { jobId } = useGlobalSearchParams<{ jobId?: string }>();
  const person = useSession().data?.person?.name;
  const open = usePathname() !== '/bench';
  const wide = useWide();
  return (
    <Beside
      open={open}
      list={
        <Bench
          current={wide && open ? (jobId ?? '') : undefined}
          person={wide ? undefined : person}
        />
      }
      sheet={<Slot />}
    />
  );
}
