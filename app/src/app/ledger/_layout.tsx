import { Slot, useGlobalSearchParams, usePathname } from 'expo-router';
import { Beside } from '../../screens/Beside';
import { beyond } from '../../screens/later';
import { useWide } from '../../ui/useWide';

const Ledger = beyond('Ledger');

export default function LedgerLayout() {
  const { recordId } = useGlobalSearchParams<{ recordId?: string }>();
  const open = usePathname() !== '/ledger';
  const wide = useWide();
  return (
    <Beside
      open={open}
      list={<Ledger current={wide && open ? (recordId ?? '') : undefined} />}
      sheet={<Slot />}
    />
  );
}
