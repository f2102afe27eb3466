import { later } from '../screens/later';
import { NoSuchPage } from '../screens/NoSuchPage';

// In development builds only: the branch, and with it the import, is gone from the export.
const Gallery = __DEV__
  ? later(() => import('../screens/Gallery').then((screen) => screen.Gallery))
  : null;

export default function GalleryRoute() {
  return Gallery ? <Gallery /> : <NoSuchPage />;
}
