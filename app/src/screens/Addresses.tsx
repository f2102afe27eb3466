import { useState } from 'react';
import { Button } from '../ui/Button';
import { Note } from '../ui/Note';
import { Words } from '../ui/Words';
import { exactDay } from '../words/days';
import { reportWords } from '../words/report';

/** An address that shows something to whoever has it. */
interface Address {
  id: string;
  madeAt: string;
  madeBy: string;
  withdrawn: { at: string; by: string } | null;
}

interface Props<A extends Address> {
  addresses: readonly A[];
  whole: (address: A) => string;
  /** What is said while there is none. */
  none: string;
  making: boolean;
  error: Error | null;
  onMake: () => void;
  onWithdraw: (id: string) => void;
}

/** Addresses nobody can guess: one is made by a touch, copied, and withdrawn by another; what was withdrawn stays on the list. */
export function Addresses<A extends Address>(props: Props<A>) {
  const { addresses, whole, none, making, error, onMake, onWithdraw } = props;
  const open = addresses.filter(({ withdrawn }) => withdrawn === null);
  return (
    <>
      {error ? <Note kind="refusal" title={error.message} /> : null}
      {open.map((address) => (
        <Open
          key={address.id}
          made={reportWords.made(address.madeBy, exactDay(address.madeAt))}
          address={whole(address)}
          onWithdraw={() => onWithdraw(address.id)}
        />
      ))}
      {open.length === 0 ? (
        <>
          <Words ink="soft">{none}</Words>
          <Button kind="plain" says={reportWords.makeAddress} busy={making} onPress={onMake} />
        </>
      ) : null}
      {addresses.map(({ id, withdrawn }) =>
        withdrawn ? (
          <Words key={id} kind="small">
            {reportWords.withdrawn(withdrawn.by, exactDay(withdrawn.at))}
          </Words>
        ) : null,
      )}
    </>
  );
}

function Open({
  address,
  made,
  onWithdraw,
}: {
  address: string;
  made: string;
  onWithdraw: () => void;
}) {
  const [copied, setCopied] = useState(false);
  // A stray touch takes nothing from a customer: it is asked for twice.
  const [asked, setAsked] = useState(false);
  const copy = () =>
    void navigator.clipboard.writeText(address).then(
      () => setCopied(true),
      () => setCopied(false),
    );
  return (
    <>
      <Words selectable testID="open-address">
        {address}
      </Words>
      <Words kind="small">{made}</Words>
      <Button kind="quiet" says={copied ? reportWords.copied : reportWords.copy} onPress={copy} />
      <Button
        kind="quiet"
        says={asked ? reportWords.withdrawNow : reportWords.withdraw}
        onPress={() => (asked ? onWithdraw() : setAsked(true))}
      />
    </>
  );
}
