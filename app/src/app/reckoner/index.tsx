import { Reckoner } from '../../screens/reckoner/Reckoner';

export default function ReckonerRoute() {
  return <Reckoner />;
}
