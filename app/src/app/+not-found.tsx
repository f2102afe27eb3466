import { NoSuchPage } from '../screens/NoSuchPage';

export default function NotFoundRoute() {
  return <NoSuchPage />;
}
