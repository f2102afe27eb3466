import { MakeTablet } from '@hold-fast/contract/tablet';
import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { v7 as uuid } from 'uuid';
import { useEndTablet, useMakeTablet, useTablets } from '../../data/people';
import { useSession } from '../../data/session';
import { Button } from '../../ui/Button';
import { FormLine } from '../../ui/FormLine';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { Words } from '../../ui/Words';
import { near } from '../../words/days';
import { tabletWords as says } from '../../words/tablet';
import { NotTaken } from '../FormPage';

/** The tablets that the bench shares: this device made one, and any of them ended. */
export function Tablets() {
  const tablets = useTablets();
  const end = useEndTablet();
  const here = useSession().data?.tablet;
  const [asked, setAsked] = useState(false);
  return (
    <Section label={says.tablets}>
      <Words ink="soft">{says.whatItIs}</Words>
      {end.error ? <Note kind="refusal">{end.error.message}</Note> : null}
      {(tablets.data ?? []).map(({ id, name, madeAt, madeBy, ended }) => (
        <Row
          key={id}
          title={name}
          says={ended ? says.endedBy(near(ended.at), ended.by) : says.madeBy(near(madeAt), madeBy)}
          aside={
            ended ? undefined : (
              <Button kind="quiet" says={says.end} of={name} onPress={() => end.mutate(id)} />
            )
          }
        />
      ))}
      {here ? <Note>{says.thisIs(here.name)}</Note> : null}
      {here ? null : asked ? (
        <MakeThis />
      ) : (
        <Button kind="plain" says={says.makeThis} onPress={() => setAsked(true)} />
      )}
    </Section>
  );
}

function MakeThis() {
  const make = useMakeTablet();
  const [id] = useState(() => uuid());
  const { control, handleSubmit } = useForm<MakeTablet>({
    defaultValues: { id, name: '' },
    resolver: zodResolver(MakeTablet),
  });
  const send = handleSubmit((tablet) => make.mutate(tablet));
  return (
    <>
      <NotTaken error={make.error} />
      <FormLine
        control={control}
        name="name"
        label={says.name}
        hint={says.nameHint}
        maxLength={40}
      />
      <Button kind="plain" says={says.makeThis} onPress={() => void send()} busy={make.isPending} />
    </>
  );
}
