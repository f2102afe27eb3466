import { readSealed } from '@hold-fast/contract/recordRead';
import {
  doNotRidesOf,
  PASSPORT_FORMAT,
  passportFault,
  type Passport,
} from '@hold-fast/core/passport/passport';
import { router } from 'expo-router';
import { Fragment, useState, type ReactNode } from 'react';
import { usePassports, useBike } from '../../data/counterQueries';
import { useIsLead } from '../../data/session';
import { useTakePassport } from '../../data/writes';
import { Button, Buttons } from '../../ui/Button';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { useFileChoice } from '../../ui/useFileChoice';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { exactDay } from '../../words/days';
import { fieldSays } from '../../words/faultWords';
import { passportWords } from '../../words/passport';
import { words } from '../../words/words';
import { LaidOut } from './LaidOut';
import { atBike } from '../routes';

/** A bike’s passport, to be taken elsewhere; and those that came from elsewhere, looked through before they are taken in. */
export function PassportSheet({ bikeId }: { bikeId: string }) {
  const bike = useBike(bikeId);
  const taken = usePassports(bikeId);
  const isLead = useIsLead();
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const says = passportWords;
  const serial = bike.data?.bike.serial ?? '';
  const look = async (file: File) => setChosen(readPassport(file.name, await file.text(), serial));
  const chooser = useFileChoice(says.choose, '.json,application/json', look);
  const [query] = [bike, taken].filter(({ data }) => !data);
  if (query?.error) return <Failed error={query.error} onRetry={() => void query.refetch()} />;
  if (!bike.data || !taken.data) return <Loading />;
  return (
    <Page
      over={bike.data.bike.name}
      title={says.title}
      foot={
        <Buttons>
          <Button kind="plain" says={says.back} onPress={() => router.navigate(atBike(bikeId))} />
          <Button grow says={says.choose} onPress={() => chooser.open()} />
        </Buttons>
      }
    >
      <Section>
        <Words ink="soft">{says.how}</Words>
        {chooser.field}
      </Section>
      {chosen ? (
        <Preview
          key={chosen.passport?.seal ?? chosen.name}
          bikeId={bikeId}
          chosen={chosen}
          serial={serial}
        />
      ) : null}
      {taken.data.map(({ id, at, by, passport }) => (
        <Brought key={id} label={says.taken(exactDay(at), by)} passport={passport} />
      ))}
      {isLead ? (
        <Section label={says.out}>
          <Button
            kind="quiet"
            says={says.write}
            onPress={() => globalThis.location.assign(`/api/bikes/${bikeId}/passport`)}
          />
        </Section>
      ) : null}
    </Page>
  );
}

/** A file that was read as a passport, and what is wrong with it. */
interface Chosen {
  name: string;
  passport: Passport | null;
  fault: string | null;
}

function readPassport(name: string, text: string, serial: string): Chosen {
  try {
    const passport = JSON.parse(text) as Passport;
    if (passport.format !== PASSPORT_FORMAT) throw new Error(passport.format);
    const fault = passportFault(passport, serial);
    if (!fault) return { name, passport, fault: null };
    const { code, ...facts } = fault;
    return { name, passport: null, fault: fieldSays({ path: 'passport', code, facts }) };
  } catch {
    return { name, passport: null, fault: passportWords.noPassport };
  }
}

/** What would come in, before anything is written. */
function Preview({ bikeId, chosen, serial }: { bikeId: string; chosen: Chosen; serial: string }) {
  const take = useTakePassport(bikeId);
  const says = passportWords;
  const { passport, fault } = chosen;
  if (!passport)
    return (
      <Section label={chosen.name}>
        <Note kind="refusal" title={fault ?? says.noPassport} />
      </Section>
    );
  if (take.isSuccess) return null;
  return (
    <Brought
      label={chosen.name}
      passport={passport}
      first={
        <>
          {take.error ? <Note kind="refusal" title={take.error.message} /> : null}
          <Button says={says.take} onPress={() => take.mutate(passport)} busy={take.isPending} />
        </>
      }
    >
      {serial === '' || passport.bike.serial === '' ? (
        <Note kind="caution" title={says.noSerial} />
      ) : null}
      <Note title={says.unaltered}>{says.provesNothing}</Note>
    </Brought>
  );
}

/** What a passport brings: what hangs on the bike by it, and its visits, each laid out when it is asked for. */
function Brought({
  label,
  passport,
  first,
  children,
}: {
  label: string;
  passport: Passport;
  /** What stands before its visits. */
  first?: ReactNode;
  children?: ReactNode;
}) {
  const [open, setOpen] = useState<number | null>(null);
  const says = passportWords;
  const visits = passport.records.flatMap(({ number, canonical }) => {
    const held = readSealed(canonical, null);
    return held && 'record' in held ? [{ number, record: held.record }] : [];
  });
  return (
    <>
      <Section label={label}>
        {children}
        {doNotRidesOf(passport).map(({ end, subject, found }) => (
          <Note
            key={`${end} ${subject}`}
            kind="refusal"
            title={says.doNotRide(words.thingAt(end, subject))}
          >
            {capital(words.format.list(found.map((each) => findingSays(each))))}
          </Note>
        ))}
        {passport.againstAdvice.map(({ end, subject, words: said }) => (
          <Note
            key={`${end} ${subject}`}
            kind="caution"
            title={says.againstAdvice(words.thingAt(end, subject), said)}
          />
        ))}
        {visits.length === 0 ? <Words>{says.noVisits}</Words> : null}
        {first}
      </Section>
      {visits.map(({ number, record }) => (
        <Fragment key={number}>
          <Section>
            <Button
              kind="quiet"
              says={says.visit(record.signedOff ? exactDay(record.signedOff.at) : '', record.tag)}
              onPress={() => setOpen(open === number ? null : number)}
            />
          </Section>
          {open === number ? <LaidOut record={record} takenBack={[]} /> : null}
        </Fragment>
      ))}
    </>
  );
}

const findingSays = (code: string): string =>
  code in words.finding ? words.finding[code as keyof typeof words.finding] : code;
