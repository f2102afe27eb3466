import { lazy, Suspense } from 'react';
import { Empty, Loading } from '../ui/Standing';

// In development builds only: the branch, and with it the import, is gone from the export.
const Gallery = __DEV__ ? lazy(() => import('../screens/Gallery')) : null;

export default function GalleryRoute() {
  if (!Gallery)
    return <Empty title="Nothing here" says="This address leads nowhere. Pick a place." />;
  return (
    <Suspense fallback={<Loading />}>
      <Gallery />
    </Suspense>
  );
}
