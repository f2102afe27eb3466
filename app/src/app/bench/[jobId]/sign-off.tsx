import { useSession } from '../../../data/session';
import { SignOff } from '../../../screens/bench/SignOff';
import { useJobParam } from '../../../screens/bench/params';

export default function SignOffRoute() {
  const person = useSession().data?.person;
  const { jobId } = useJobParam();
  return person ? <SignOff key={jobId} jobId={jobId} person={person} /> : null;
}
