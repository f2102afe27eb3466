import { lazy, Suspense } from 'react';
import { Loading } from '../../ui/Standing';

const CheckIn = lazy(() =>
  import('../../screens/bench/visitForms').then((forms) => ({ default: forms.CheckIn })),
);

export default function CheckInRoute() {
  return (
    <Suspense fallback={<Loading />}>
      <CheckIn />
    </Suspense>
  );
}
