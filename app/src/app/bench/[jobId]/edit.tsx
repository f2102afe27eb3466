import { lazy, Suspense } from 'react';
import { useJobParam } from '../../../screens/bench/params';
import { Loading } from '../../../ui/Standing';

const EditJob = lazy(() =>
  import('../../../screens/bench/visitForms').then((forms) => ({ default: forms.EditJob })),
);

export default function EditJobRoute() {
  return (
    <Suspense fallback={<Loading />}>
      <EditJob {...useJobParam()} />
    </Suspense>
  );
}
