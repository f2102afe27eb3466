import { useSession } from '../../../data/session';
import { useJobParam } from '../../../screens/bench/params';
import { behind } from '../../../screens/later';

const SignOff = behind('SignOff');

export default function SignOffRoute() {
  const person = useSession().data?.person;
  const { jobId } = useJobParam();
  return person ? <SignOff key={jobId} jobId={jobId} person={person} /> : null;
}
